import { Box, Flex, Text } from '@chakra-ui/react';
import type { Exposure, FaceView } from '../../api/client';
import { ChoiceField } from '../../common/ChoiceField';
import { LengthField } from '../../common/LengthField';
import { Section } from '../../common/Section';
import { Tick } from '../../common/Tick';
import { Why } from '../../common/Why';
import { usePlan } from '../../plan/PlanProvider';
import { GroundField } from './GroundField';
import { FINISHES, MAKE_UPS } from './surfaces';

const EXPOSURES: ReadonlyArray<readonly [Exposure, string]> = [
  ['WEAR', 'wear'],
  ['WET', 'wet'],
  ['FOOD_NEAR', 'food near'],
  ['SUN', 'sun'],
];

const RELIEFS = [
  ['1', 'flat'],
  ['1.1', 'panelled'],
  ['1.3', 'carved'],
  ['1.5', 'turned'],
] as const;

/** What the face is made of, what is on it, what it has to bear, and what that comes to. */
export function SurfaceSection({ face }: { face: FaceView }) {
  const plan = usePlan();
  const faceId = face.id;
  const relief = String(face.relief);
  return (
    <Section title="Surface">
      <Flex wrap="wrap" gap="3">
        <ChoiceField
          label="Make-up"
          width="47%"
          value={face.makeUp}
          among={MAKE_UPS}
          onChoice={(makeUp) => plan.edit({ kind: 'CHANGE_MAKE_UP', faceId, makeUp })}
        />
        <ChoiceField
          label="Finish"
          width="47%"
          value={face.finish}
          among={FINISHES}
          onChoice={(finish) => plan.edit({ kind: 'CHANGE_FINISH', faceId, finish })}
        />
        <Box w="100%">
          <GroundField face={face} />
        </Box>
        <Box w="100%">
          <Text color="soft" fontSize="13px" fontWeight="500" mb="1">
            It has to bear
          </Text>
          <Flex gap="4" wrap="wrap">
            {EXPOSURES.map(([key, text]) => (
              <Tick
                key={key}
                on={face.exposure.includes(key)}
                onToggle={(on) =>
                  plan.edit({
                    kind: 'CHANGE_EXPOSURE',
                    faceId,
                    exposure: on ? [...face.exposure, key] : face.exposure.filter((x) => x !== key),
                  })
                }
              >
                {text}
              </Tick>
            ))}
          </Flex>
        </Box>
        <LengthField
          width="47%"
          label="Edge that is worked too"
          name="Depth of the edge"
          value={face.edgeDepth}
          kind="DISTANCE"
          onLength={(edgeDepthMm) =>
            plan.edit(
              { kind: 'CHANGE_EDGE_DEPTH', faceId, edgeDepthMm },
              { gesture: `${faceId} edge` },
            )
          }
        />
        <ChoiceField
          label="Relief"
          width="47%"
          value={relief}
          among={
            RELIEFS.some(([factor]) => factor === relief)
              ? RELIEFS
              : [...RELIEFS, [relief, `times ${relief}`] as const]
          }
          onChoice={(factor) =>
            plan.edit({ kind: 'CHANGE_RELIEF', faceId, relief: Number(factor) })
          }
        />
      </Flex>
      <Flex mt="3" direction="column" gap="1" fontSize="13.5px">
        <Row what="Inside the outline">{face.area.grossText}</Row>
        <Row what="Less what is kept out or set in">{face.area.netText}</Row>
        <Row what="To coat">
          <Why why={[{ figure: face.area.workedText, text: face.area.whyText }]}>
            {face.area.workedText}
          </Why>
        </Row>
        <Row what="Round its edge">{face.area.edgeText}</Row>
      </Flex>
    </Section>
  );
}

function Row({ what, children }: { what: string; children: React.ReactNode }) {
  return (
    <Flex justify="space-between" gap="3">
      <Text color="soft">{what}</Text>
      <Box>{children}</Box>
    </Flex>
  );
}
