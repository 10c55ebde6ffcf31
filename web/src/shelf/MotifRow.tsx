import { Box, Flex, Input } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import type { MotifDoc } from '../api/client';
import { Button } from '../common/Button';

const IMPORTANCE = ['a leaf', 'a little', 'some', 'much', 'the face'] as const;

/** A named part of a picture: its name, how much it matters, and away with it. */
export function MotifRow({
  motif,
  chosen,
  fresh,
  onChoose,
  onChange,
  onRemove,
}: {
  motif: MotifDoc;
  chosen: boolean;
  /** Just boxed round: it waits for its name. */
  fresh: boolean;
  onChoose: () => void;
  onChange: (motif: MotifDoc) => void;
  onRemove: () => void;
}) {
  const [name, setName] = useState(motif.name);
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (fresh) {
      field.current?.focus();
      field.current?.select();
    }
  }, [fresh]);
  return (
    <Flex gap="2" align="center" py="0.5" onFocus={onChoose} bg={chosen ? 'ochreWash' : undefined}>
      <Input
        ref={field}
        size="xs"
        flex="1"
        bg="card"
        borderColor="hairline"
        aria-label={`Name of part ${motif.name}`}
        value={name}
        maxLength={40}
        onChange={(e) => setName(e.currentTarget.value)}
        onBlur={() => name.trim() !== motif.name && onChange({ ...motif, name: name.trim() })}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
      />
      <Flex role="group" aria-label={`Importance of ${motif.name}`} gap="0.5">
        {IMPORTANCE.map((text, i) => (
          <Box
            key={text}
            as="button"
            w="18px"
            h="18px"
            borderRadius="full"
            borderWidth="1px"
            borderColor="ochre"
            bg={i < motif.importance ? 'ochre' : 'card'}
            aria-label={`${motif.name} matters: ${text}`}
            aria-pressed={i + 1 === motif.importance}
            title={text}
            onClick={() => onChange({ ...motif, importance: i + 1 })}
          />
        ))}
      </Flex>
      <Button size="xs" look="warn" aria-label={`Forget ${motif.name}`} onClick={onRemove}>
        ×
      </Button>
    </Flex>
  );
}
