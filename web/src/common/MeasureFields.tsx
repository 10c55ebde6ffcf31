import { chakra, Flex } from '@chakra-ui/react';
import type { FieldView } from '../api/client';
import { ChoiceField } from './ChoiceField';
import { ColourField } from './ColourField';
import { CountField } from './CountField';
import { FigureField } from './FigureField';
import { LengthField } from './LengthField';

type Props = {
  readonly fields: ReadonlyArray<FieldView>;
  readonly onNumber: (key: string, value: number, label: string) => void;
  readonly onChoice: (key: string, value: string, label: string) => void;
  /** typical values are told from measured ones, in these words */
  readonly tellTypical?: boolean | string;
  readonly focusFirst?: boolean;
  readonly half?: boolean;
};

/** A typical value stands in; one press says that it is so. */
function Typical({ text, name, onSo }: { text: string; name: string; onSo: () => void }) {
  return (
    <>
      {text} ·{' '}
      <chakra.button
        type="button"
        color="sea"
        textDecoration="underline"
        aria-label={`${name}: it is so`}
        onClick={onSo}
      >
        it is so
      </chakra.button>
    </>
  );
}

function confirm(f: FieldView, onNumber: Props['onNumber'], onChoice: Props['onChoice']) {
  const number = f.length?.mm ?? f.count ?? f.figure?.value;
  if (number !== undefined) {
    onNumber(f.key, number, f.label);
  } else {
    onChoice(f.key, f.colour ?? f.choice ?? '', f.label);
  }
}

/** What there is to measure, in the order one walks round it with the tape. */
export function MeasureFields({
  fields,
  onNumber,
  onChoice,
  tellTypical,
  focusFirst,
  half,
}: Props) {
  const width = half ? '47%' : undefined;
  return (
    <Flex direction={half ? 'row' : 'column'} wrap={half ? 'wrap' : undefined} gap="3">
      {fields.map((f, i) => {
        const typical = Boolean(tellTypical) && !f.taken;
        const hint = typical ? (
          typeof tellTypical === 'string' ? (
            <Typical
              key="typical"
              text={tellTypical}
              name={f.label}
              onSo={() => confirm(f, onNumber, onChoice)}
            />
          ) : (
            'typical, not measured yet'
          )
        ) : undefined;
        switch (f.type) {
          case 'LENGTH':
            return (
              <LengthField
                key={f.key}
                label={f.label}
                value={f.length ?? null}
                kind={f.mayBeNothing ? 'DISTANCE' : 'SIZE'}
                mostMm={f.mostMm}
                autoFocus={focusFirst && i === 0}
                hint={hint}
                typical={typical}
                width={width}
                onLength={(mm) => onNumber(f.key, mm, f.label)}
              />
            );
          case 'COUNT':
            return (
              <CountField
                key={f.key}
                label={f.label}
                value={f.count ?? 0}
                least={f.least ?? 0}
                most={f.most ?? 0}
                typical={typical}
                hint={hint}
                width={width}
                onCount={(count) => onNumber(f.key, count, f.label)}
              />
            );
          case 'FIGURE':
            return (
              f.figure && (
                <FigureField
                  key={f.key}
                  label={f.label}
                  figure={f.figure}
                  typical={typical}
                  hint={hint}
                  width={width}
                  onFigure={(value) => onNumber(f.key, value, f.label)}
                />
              )
            );
          case 'COLOUR':
            return (
              <ColourField
                key={f.key}
                label={f.label}
                value={f.colour ?? ''}
                typical={typical}
                hint={hint}
                width={width}
                onColour={(hex) => onChoice(f.key, hex, f.label)}
              />
            );
          case 'CHOICE':
            return (
              <ChoiceField
                key={f.key}
                label={f.label}
                value={f.choice ?? ''}
                among={f.among.map((c) => [c.value, c.text] as const)}
                typical={typical && typeof tellTypical === 'string'}
                hint={typeof tellTypical === 'string' ? hint : undefined}
                width={width}
                onChoice={(value) => onChoice(f.key, value, f.label)}
              />
            );
        }
        return null;
      })}
    </Flex>
  );
}
