import { Box, Flex, Text } from '@chakra-ui/react';
import type { FaceView } from '../../api/client';
import { useForms } from '../../api/queries';
import { ChoiceField } from '../../common/ChoiceField';
import { Fig } from '../../common/Fig';
import { MeasureFields } from '../../common/MeasureFields';
import { Section } from '../../common/Section';
import { usePlan } from '../../plan/PlanProvider';
import { ink } from '../../theme/theme';
import { PointFields } from './PointFields';

/** The outline: its kind, its measures, and how it departs from square. */
export function OutlineSection({ face }: { face: FaceView }) {
  const plan = usePlan();
  const kinds = useForms().data?.outlines ?? [];
  const name = face.name.toLowerCase();
  const { document } = face.outline;
  const faceId = face.id;
  return (
    <Section title="Outline">
      <Flex direction="column" gap="3">
        <ChoiceField
          label="Shape"
          value={face.outline.kind}
          among={kinds.map((o) => [o.kind, o.name] as const)}
          onChoice={(outline) => plan.edit({ kind: 'RESHAPE', faceId, outline })}
        />
        <MeasureFields
          fields={face.outline.fields}
          half
          onNumber={(key, value) =>
            plan.edit(
              { kind: 'TAPE_FACE', faceId, measures: { [key]: value } },
              { gesture: `${faceId} ${key}` },
            )
          }
          onChoice={(key, value) =>
            plan.edit({ kind: 'TAPE_FACE', faceId, choices: { [key]: value } })
          }
        />
        {face.outline.kind === 'POLYGON' && (
          <PointFields
            points={document.points}
            corners={face.outline.corners}
            what={`the ${name}`}
            onPoints={(points) =>
              plan.edit(
                { kind: 'CORNERS_OF_FACE', faceId, points: [...points] },
                { gesture: `${faceId} points` },
              )
            }
          />
        )}
        {face.squareness && <OutOfSquare face={face} squareness={face.squareness} />}
        {face.sides.length > 1 && (
          <Text fontSize="12.5px" color="soft">
            <Fig text={face.sides.map((s) => `${s.text} ${s.length.text}`).join(' · ')} />
          </Text>
        )}
      </Flex>
    </Section>
  );
}

const DRAWING = { width: 150, height: 92 };

/** The corner angles, which way it leans, and the lean drawn larger than it is. */
function OutOfSquare({
  face,
  squareness: s,
}: {
  face: FaceView;
  squareness: NonNullable<FaceView['squareness']>;
}) {
  const k = Math.min(
    (DRAWING.width - 8) / s.exaggeratedWidthMm,
    (DRAWING.height - 8) / s.exaggeratedHeightMm,
  );
  return (
    <Box bg="card" borderWidth="1px" borderColor="hairline" borderRadius="lg" p="3">
      <Flex gap="3">
        <svg
          width={DRAWING.width}
          height={DRAWING.height}
          role="img"
          aria-label={`${face.name}, its lean drawn six times larger`}
        >
          <g transform={`translate(4 4) scale(${k})`}>
            <path
              d={s.exaggeratedPath}
              fill={ink('seaWash')}
              stroke={ink('sea')}
              strokeWidth="1.6"
              vectorEffect="non-scaling-stroke"
            />
          </g>
        </svg>
        <Box fontSize="12.5px">
          <Text color="soft">corners, from 90°</Text>
          <Flex wrap="wrap" columnGap="3">
            {s.angles.map((angle, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: the four corners in turn
              <Text key={i} w="44%">
                {angle}
              </Text>
            ))}
          </Flex>
          <Text color="soft" mt="1">
            drawn 6 times too crooked
          </Text>
        </Box>
      </Flex>
      <Text fontSize="13px" mt="2">
        <Fig text={s.leanText} />
      </Text>
      <Text fontSize="13px" mt="1">
        <Fig text={s.datumText} />
      </Text>
      {s.closureText && (
        <Text fontSize="13px" mt="1" color={s.measureAgain ? 'rust' : 'moss'}>
          <Fig text={s.closureText} />
        </Text>
      )}
    </Box>
  );
}
