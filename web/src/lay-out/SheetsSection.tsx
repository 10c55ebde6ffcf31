import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { CutSheet, LaidView, LayView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { PartNumber, SheetBox, SheetFigure } from '../map/SheetPrint';
import { usePlan } from '../plan/PlanProvider';
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
        <Saving key={s.name} lay={lay} saving={s} />
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

/** A named part that stays over: the plan keeps it, and it is booked once the sheet is cut. */
function Saving({ lay, saving }: { lay: LayView; saving: CutSheet['savings'][number] }) {
  const plan = usePlan();
  return (
    <Flex align="center" justify="space-between" gap="2" mt="1" minH="28px">
      <Text fontSize="13px">
        Over: {saving.name}, <Fig text={saving.sizeText} />
        {saving.kept && (
          <Text as="span" display="block" fontSize="12px" color="moss">
            goes back to the shelf when it is cut
          </Text>
        )}
      </Text>
      <Button
        size="xs"
        aria-pressed={saving.kept}
        aria-label={`Keep ${saving.name} as an offcut`}
        onClick={() =>
          plan.edit({
            kind: 'KEEP_OFFCUT',
            layId: lay.id,
            name: saving.name,
            keep: !saving.kept,
          })
        }
      >
        {saving.kept ? 'Do not keep' : 'Keep as offcut'}
      </Button>
    </Flex>
  );
}
