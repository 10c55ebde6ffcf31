import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { TroubleView } from '../api/client';
import { useHelp } from '../api/queries';
import { Big } from './Big';
import { type Help, SHARES, sharesOf } from './wrong';

/** What went wrong with a step, and what helps: two taps, or three where not all of it did. */
export function NotLikeThis({
  pieceId,
  version,
  step,
  title,
  troubles,
  away,
  onTold,
  onClose,
}: {
  pieceId: string;
  version: number;
  /** the key of the step that it is told of */
  step: string;
  title: string;
  troubles: ReadonlyArray<TroubleView>;
  /** what it takes can be asked only while the server is there; it can be told all the same */
  away: boolean;
  onTold: (trouble: TroubleView, help: Help, share: number) => void;
  onClose: () => void;
}) {
  const [trouble, setTrouble] = useState<TroubleView>();
  const [share, setShare] = useState<number>(SHARES[1].share);
  const takes = useHelp(pieceId, version, step, away ? undefined : trouble?.trouble, share);
  const here = useRef<HTMLDivElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return (
    <Box
      ref={here}
      as="section"
      aria-label="Not like this"
      bg="card"
      borderWidth="1px"
      borderColor="fold"
      borderRadius="xl"
      p={{ base: '4', md: '5' }}
      mb="4"
    >
      <Flex justify="space-between" align="flex-start" gap="3" mb="3">
        <Heading as="h2" fontFamily="heading" fontSize="24px" fontWeight="600" lineHeight="1.2">
          {trouble === undefined ? 'What went wrong?' : trouble.text}
          <Text fontFamily="body" fontSize="17px" fontWeight="500">
            {title}
          </Text>
        </Heading>
        <Big
          type="button"
          fontSize="17px"
          flexShrink={0}
          onClick={() => (trouble === undefined ? onClose() : setTrouble(undefined))}
        >
          {trouble === undefined ? 'Nothing' : 'Something else'}
        </Big>
      </Flex>
      {trouble === undefined ? (
        <Flex gap="3" wrap="wrap">
          {troubles.map((t) => (
            <Big
              key={t.trouble}
              type="button"
              flex="1 1 220px"
              fontSize="19px"
              textAlign="left"
              onClick={() => {
                setTrouble(t);
                setShare(sharesOf(t.trouble)[1]?.share ?? 1);
              }}
            >
              {t.text}
            </Big>
          ))}
        </Flex>
      ) : (
        <>
          <Text fontSize="18px" fontWeight="600" mb="2">
            {trouble.asks}
          </Text>
          <Flex gap="2.5" wrap="wrap" mb="4">
            {sharesOf(trouble.trouble).map((s) => (
              <Big
                key={s.share}
                type="button"
                flex="1 1 110px"
                fontSize="18px"
                aria-pressed={share === s.share}
                bg={share === s.share ? 'ochreWash' : 'sheet'}
                onClick={() => setShare(s.share)}
              >
                {s.text}
              </Big>
            ))}
          </Flex>
          {trouble.remedies.map((help) => (
            <Remedy
              key={help.remedy}
              help={help}
              takes={takes.data?.find((t) => t.remedy === help.remedy)}
              busy={takes.isFetching}
              onTake={() => onTold(trouble, help, share)}
            />
          ))}
          {away && (
            <Text fontSize="16px">
              What each takes is worked out once the server is back; what you tap is kept.
            </Text>
          )}
          {takes.isError && !away && (
            <Text role="status" fontSize="16px">
              What each takes could not be worked out: {takes.error.message}
            </Text>
          )}
        </>
      )}
    </Box>
  );
}

function Remedy({
  help,
  takes,
  busy,
  onTake,
}: {
  help: Help;
  takes: { takesText: string; readyText: string; laterText: string } | undefined;
  busy: boolean;
  onTake: () => void;
}) {
  return (
    <Big
      type="button"
      w="100%"
      mb="2.5"
      py="3"
      textAlign="left"
      onClick={onTake}
      aria-busy={busy}
      aria-label={help.text}
    >
      <Text fontSize="20px" fontWeight="600">
        {help.text}
      </Text>
      <Text fontSize="16px" fontWeight="500" lineHeight="1.35">
        {help.how}
      </Text>
      {takes !== undefined && (
        <Text fontSize="16px" mt="1" opacity={busy ? 0.5 : 1} fontFeatureSettings="'tnum'">
          {[takes.takesText, takes.readyText, takes.laterText].filter((t) => t !== '').join(' · ')}
        </Text>
      )}
    </Big>
  );
}
