import { Box, Flex, Link, NativeSelect, Text } from '@chakra-ui/react';
import { Link as RouteLink } from 'react-router';
import type { FaceView, LayView, PlanEdit } from '../api/client';
import { Button } from '../common/Button';
import { newId } from '../plan/ids';
import { usePlan } from '../plan/PlanProvider';
import { toLay, useGoAfter } from '../plan/useGoAfter';
import { SectionTitle } from './SectionTitle';

type Props = {
  readonly face: FaceView;
  readonly lay: LayView;
  readonly onTakeOff: () => void;
};

/** The same again elsewhere, files to cut from, and off with it. */
export function LayActions({ face, lay, onTakeOff }: Props) {
  const plan = usePlan();
  const goAfter = useGoAfter();
  const edit = (edit: PlanEdit) => plan.edit(edit, goAfter(toLay(plan.piece.id)));
  const others = plan.piece.reading.faces.filter((f) => f.id !== face.id && f.shown);
  return (
    <Box>
      <SectionTitle>The same elsewhere</SectionTitle>
      <Flex wrap="wrap" gap="2" mt="2" align="center">
        <To
          label="Copy to"
          faces={others}
          onFace={(faceId) =>
            edit({ kind: 'COPY_LAY', layId: lay.id, id: newId(), faceId, mirrored: false })
          }
        />
        <To
          label="Mirror to"
          faces={others}
          onFace={(faceId) =>
            edit({ kind: 'COPY_LAY', layId: lay.id, id: newId(), faceId, mirrored: true })
          }
        />
        <Button size="xs" onClick={() => edit({ kind: 'COPY_TO_ALIKE', layId: lay.id })}>
          To all faces of this size
        </Button>
      </Flex>
      {lay.laid && (lay.rule === 'LETTERING' || lay.laid.sheets.length > 0) && (
        <Text mt="3">
          <Link
            href={`/api/pieces/${plan.piece.id}/lays/${lay.id}/cut.svg`}
            color="sea"
            download={`${lay.designName}.svg`}
          >
            {lay.rule === 'LETTERING' ? 'Cutter file, SVG in mm' : 'Cutting pattern, SVG in mm'}
          </Link>
        </Text>
      )}
      {lay.laid && (
        <Flex mt="3" gap="4" wrap="wrap">
          {(lay.rule === 'LETTERING' || lay.laid.sheets.length > 0) && (
            <RouteLink to={`/pieces/${plan.piece.id}/cut/cutter/${lay.id}`}>
              Lay it on the cutter’s mats
            </RouteLink>
          )}
          <RouteLink to={`/pieces/${plan.piece.id}/cut/print`}>Print at true size</RouteLink>
        </Flex>
      )}
      <Button look="warn" mt="4" onClick={onTakeOff}>
        Take this lay off
      </Button>
    </Box>
  );
}

/** A choice that does something at once. */
function To({
  label,
  faces,
  onFace,
}: {
  label: string;
  faces: ReadonlyArray<FaceView>;
  onFace: (faceId: string) => void;
}) {
  return (
    <NativeSelect.Root size="xs" width="47%">
      <NativeSelect.Field
        bg="card"
        borderColor="hairline"
        aria-label={label}
        value=""
        onChange={(e) => e.currentTarget.value && onFace(e.currentTarget.value)}
      >
        <option value="">{label}…</option>
        {faces.map((f) => (
          <option key={f.id} value={f.id}>
            {f.name}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
