import { Box, Flex, Text } from '@chakra-ui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, type CutSheet, type LaidView, type LayView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { Refusal } from '../common/Refusal';
import { PartNumber, SheetBox, SheetFigure } from '../map/SheetPrint';
import { useShelfChanged } from '../shelf/queries';
import { ink } from '../theme/theme';
import { SectionTitle } from './SectionTitle';

const WIDTH_PX = 288;
const TALLEST_PX = 240;
const FIRST = 3;

/** Each sheet with its own picture and what is cut from it, part by part. */
export function SheetsSection({ lay, laid }: { lay: LayView; laid: LaidView }) {
  const [all, setAll] = useState(false);
  if (laid.sheets.length === 0) {
    return null;
  }
  return (
    <Box data-testid="sheets">
      <SectionTitle note="Numbers are the order they are laid in.">Cut from</SectionTitle>
      <Flex direction="column" gap="4" mt="2">
        {laid.sheets.slice(0, all ? undefined : FIRST).map((sheet) => (
          <Sheet key={sheet.number} lay={lay} sheet={sheet} />
        ))}
      </Flex>
      {laid.sheets.length > FIRST && (
        <Button size="xs" look="plain" mt="2" onClick={() => setAll(!all)}>
          {all ? 'fewer sheets' : `all ${laid.sheets.length} sheets`}
        </Button>
      )}
    </Box>
  );
}

function Sheet({ lay, sheet }: { lay: LayView; sheet: CutSheet }) {
  return (
    <Box>
      <Text fontSize="12.5px" color="soft" mb="1">
        {sheet.title}
      </Text>
      <SheetDrawing sheet={sheet} name={lay.designName} />
      <Box as="ol" listStyleType="none" mt="1.5">
        {sheet.parts.map((p) => (
          <Flex as="li" key={p.number} gap="2" py="0.5" align="baseline">
            <Text as="span" color="soft" minW="4">
              {p.number}
            </Text>
            <Box>
              <Text as="span" fontSize="13px">
                {p.faceName}, <Fig text={p.sizeText} />
              </Text>
              <Text fontSize="12px" color="soft">
                <Fig text={p.placeText} />
                {p.motifsText ? ` · ${p.motifsText}` : ''}
              </Text>
            </Box>
          </Flex>
        ))}
      </Box>
      {sheet.savings.map((s) => (
        <Saving key={s.name} designId={lay.designId ?? ''} saving={s} pieceFor={lay.designName} />
      ))}
    </Box>
  );
}

/** The sheet's picture, each part outlined with its number; dashed is what is cut with it. */
function SheetDrawing({ sheet, name }: { sheet: CutSheet; name: string }) {
  const { art, parts } = sheet;
  return (
    <SheetFigure
      art={art}
      widthPx={WIDTH_PX}
      tallestPx={TALLEST_PX}
      label={`${name}: ${parts.length} parts on ${sheet.title.toLowerCase()}`}
      shown={parts.map((p) => p.shape).join('')}
      over={(k) =>
        parts.map((p) => (
          <g key={p.number}>
            <SheetBox box={p.cut} stroke={ink('rust')} strokeWidth="1.3" strokeDasharray="5 3" />
            <path
              d={p.shape}
              fill="none"
              stroke={ink('ink')}
              strokeWidth="1.2"
              vectorEffect="non-scaling-stroke"
            />
            <PartNumber number={p.number} box={p.cut} k={k} />
          </g>
        ))
      }
    />
  );
}

type SavingProps = {
  readonly designId: string;
  readonly saving: CutSheet['savings'][number];
  readonly pieceFor: string;
};

/** A named part that stays over goes onto the shelf as an offcut. */
function Saving({ designId, saving, pieceFor }: SavingProps) {
  const changed = useShelfChanged();
  const keep = useMutation({
    mutationFn: () =>
      ask(
        api.POST('/api/designs/{id}/offcuts', {
          params: { path: { id: designId } },
          body: {
            outline: cornersOf(saving.box),
            place: '',
            note: `${saving.name} of ${pieceFor}`,
          },
        }),
      ),
    onSuccess: changed,
  });
  return (
    <Flex align="center" justify="space-between" gap="2" mt="1" minH="28px">
      <Text fontSize="13px">
        Over: {saving.name}, <Fig text={saving.sizeText} />
      </Text>
      {keep.isSuccess ? (
        <Text fontSize="12.5px" color="moss" role="status">
          ✓ on the shelf
        </Text>
      ) : (
        <Button
          size="xs"
          disabled={keep.isPending}
          aria-label={`Keep ${saving.name} as an offcut`}
          onClick={() => keep.mutate()}
        >
          Keep as offcut
        </Button>
      )}
      <Refusal of={keep.error} />
    </Flex>
  );
}

const cornersOf = (b: CutSheet['savings'][number]['box']) => [
  { xMm: b.leftMm, yMm: b.topMm },
  { xMm: b.leftMm + b.widthMm, yMm: b.topMm },
  { xMm: b.leftMm + b.widthMm, yMm: b.topMm + b.heightMm },
  { xMm: b.leftMm, yMm: b.topMm + b.heightMm },
];
