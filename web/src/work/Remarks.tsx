import { Box, Flex, Text } from '@chakra-ui/react';
import { type ReactNode, useRef, useState } from 'react';
import { type BenchStep, type PhotoView, Problem, upload } from '../api/client';
import { Big, BigText } from './Big';

/** A note and a photo of the step that is looked at. */
export function Remarks({
  step,
  beside,
  pieceId,
  away,
  onNote,
  onPhoto,
}: {
  step: BenchStep;
  /** what else can be told of it */
  beside: ReactNode;
  pieceId: string;
  /** photos are too large to be kept while the server is away */
  away: boolean;
  onNote: (note: string) => void;
  onPhoto: () => void;
}) {
  const [note, setNote] = useState<string | null>(null);
  const [said, setSaid] = useState<{ text: string; wrong: boolean } | null>(null);
  const [busy, setBusy] = useState(false);
  const file = useRef<HTMLInputElement>(null);
  const photo = async (picture: File | undefined) => {
    if (picture === undefined) {
      return;
    }
    setBusy(true);
    try {
      const about = new URLSearchParams({
        stage: 'DURING',
        caption: step.title.slice(0, 200),
        step: step.key,
      });
      await upload<PhotoView>(`/api/pieces/${pieceId}/photos?${about}`, picture);
      setSaid({ text: 'The photo is with the step.', wrong: false });
      onPhoto();
    } catch (problem) {
      setSaid({
        text: problem instanceof Problem ? problem.message : 'The photo could not be read.',
        wrong: true,
      });
    } finally {
      setBusy(false);
    }
  };
  return (
    <Box as="section" aria-label="Remarks">
      <Flex gap="3" wrap="wrap">
        {beside}
        <Big
          type="button"
          flex="1 1 150px"
          aria-expanded={note !== null}
          onClick={() => setNote(note ?? '')}
        >
          Note
        </Big>
        <Big
          type="button"
          flex="1 1 150px"
          disabled={away || busy}
          title={away ? 'Photos wait until the server is back' : undefined}
          onClick={() => file.current?.click()}
        >
          Photo
        </Big>
        <input
          ref={file}
          type="file"
          accept="image/*"
          capture="environment"
          aria-label="A photo of this step"
          hidden
          onChange={(e) => {
            void photo(e.target.files?.[0]);
            e.target.value = '';
          }}
        />
      </Flex>
      {note !== null && (
        <Box mt="3">
          <BigText
            autoFocus
            maxLength={600}
            aria-label="What to remember of this step"
            placeholder="What to remember of this step"
            value={note}
            onChange={(e) => setNote(e.target.value)}
          />
          <Flex gap="3" mt="2">
            <Big
              type="button"
              flex="1"
              disabled={note.trim() === ''}
              onClick={() => {
                onNote(note.trim());
                setNote(null);
              }}
            >
              Keep the note
            </Big>
            <Big type="button" onClick={() => setNote(null)}>
              Leave it
            </Big>
          </Flex>
        </Box>
      )}
      {said !== null && (
        <Text role="status" mt="2" fontSize="17px" color={said.wrong ? 'rust' : 'ink'}>
          {said.text}
        </Text>
      )}
      {step.notes.map((n) => (
        <Text key={n} mt="2" fontSize="17px" borderLeftWidth="4px" borderColor="ochre" pl="3">
          {n}
        </Text>
      ))}
    </Box>
  );
}
