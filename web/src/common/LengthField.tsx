import { Field, Input, Text } from '@chakra-ui/react';
import { type ReactNode, useEffect, useId, useRef, useState } from 'react';
import { api, ask, type LengthKind, type Measure, Problem } from '../api/client';
import { Fig } from './Fig';

type Props = {
  readonly label: string;
  /** what the sentence that refuses an entry calls it; the label if not given */
  readonly name?: string;
  readonly value: Measure | null;
  readonly kind: LengthKind;
  readonly mostMm?: number;
  readonly onLength: (mm: number) => void;
  readonly autoFocus?: boolean;
  readonly hint?: ReactNode;
  readonly width?: string;
  /** a value nobody measured yet: set paler, and taken as it is when Enter confirms it */
  readonly typical?: boolean;
  /** nothing outside holds the value: what was typed stays in the field */
  readonly keepText?: boolean;
  /** what stands in the field now is not read yet */
  readonly onUnread?: () => void;
};

const PAUSE_MS = 140;

/**
 * A length as people write it. What is typed is read by the core with every pause; what cannot be
 * read stays in the field with a sentence under it, and the last good length stays in the plan.
 */
export function LengthField(props: Props) {
  const {
    label,
    name = label,
    value,
    kind,
    mostMm,
    onLength,
    autoFocus,
    hint,
    width,
    keepText,
    onUnread,
    typical,
  } = props;
  const [text, setText] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [echo, setEcho] = useState<Measure | null>(null);
  const asked = useRef(0);
  // what was typed is answered later, and then told to whoever listens by then
  const told = useRef(onLength);
  told.current = onLength;
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const id = useId();

  // biome-ignore lint/correctness/useExhaustiveDependencies: another unit or value shown anew
  useEffect(() => {
    setEcho(null);
  }, [value?.text]);
  useEffect(() => () => clearTimeout(timer.current), []);

  const read = async (typed: string, leaving: boolean) => {
    clearTimeout(timer.current);
    asked.current += 1;
    const mine = asked.current;
    try {
      const length = await ask(
        api.POST('/api/lengths', { body: { field: name, text: typed, kind, mostMm } }),
      );
      if (mine !== asked.current) {
        return;
      }
      setRefused(null);
      setEcho(length);
      if (value === null || length.mm !== value.mm) {
        told.current(length.mm);
      }
      if (leaving && !keepText) {
        setText(null);
      }
    } catch (problem) {
      if (mine === asked.current && problem instanceof Problem) {
        setRefused(problem.message);
      }
    }
  };

  const typed = (now: string) => {
    setText(now);
    onUnread?.();
    clearTimeout(timer.current);
    timer.current = setTimeout(() => void read(now, false), PAUSE_MS);
  };

  const shown = text ?? (value === null ? '' : value.text);
  const echoed = text !== null && echo !== null && refused === null && echo.text !== text.trim();
  return (
    <Field.Root invalid={refused !== null} width={width}>
      <Field.Label htmlFor={id} color="soft" fontSize="13px" fontWeight="500">
        {label}
      </Field.Label>
      <Input
        id={id}
        size="sm"
        bg={typical ? 'sheet' : 'card'}
        color={typical ? 'soft' : undefined}
        borderStyle={typical ? 'dashed' : undefined}
        borderColor={typical ? 'fold' : 'hairline'}
        autoComplete="off"
        inputMode="text"
        autoFocus={autoFocus}
        value={shown}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => typed(e.currentTarget.value)}
        onBlur={() => text !== null && void read(text, true)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            e.preventDefault();
          }
          if (e.key === 'Enter' && text !== null) {
            void read(text, false);
          } else if (e.key === 'Enter' && typical && value !== null) {
            onLength(value.mm);
          } else if (e.key === 'Escape') {
            clearTimeout(timer.current);
            asked.current += 1;
            setText(null);
            setRefused(null);
          }
        }}
      />
      {refused !== null && (
        <Field.ErrorText color="rust" role="alert">
          {refused}
        </Field.ErrorText>
      )}
      {refused === null && (echoed || hint) && (
        <Text fontSize="12px" color="soft">
          {echoed && echo ? <Fig text={`= ${echo.text}`} /> : hint}
        </Text>
      )}
    </Field.Root>
  );
}
