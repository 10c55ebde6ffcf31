import { Box, Flex, Text } from '@chakra-ui/react';
import { Link, useNavigate, useParams } from 'react-router';
import { useCuttable, useCutter } from '../api/queries';
import { ChoiceField } from '../common/ChoiceField';
import { Empty, ErrorState, Loading } from '../common/States';
import { usePlan } from '../plan/PlanProvider';
import { MatsOfLay } from './MatsOfLay';
import { OwnFile } from './OwnFile';

/** Lines for a cutter with a blade: as files, or sent. */
export function CutterTab() {
  const { piece } = usePlan();
  const { layId } = useParams();
  const go = useNavigate();
  const cutter = useCutter();
  const cuttable = useCuttable(piece.id, piece.version);
  if (cutter.isPending || cuttable.isPending) {
    return <Loading what="what a blade cuts" />;
  }
  if (cutter.isError) {
    return <ErrorState problem={cutter.error} again={() => cutter.refetch()} />;
  }
  if (cuttable.isError) {
    return <ErrorState problem={cuttable.error} again={() => cuttable.refetch()} />;
  }
  const lays = cuttable.data;
  const shown = lays.find((l) => l.layId === layId) ?? lays[0];
  return (
    <Box maxW="1180px">
      {shown === undefined ? (
        <Empty title="Nothing for a blade">
          <Link to={`/pieces/${piece.id}/lay-out`}>Lay words, a custom-cut stencil or a sheet</Link>
          , and its lines are laid on the cutter’s bed here.
        </Empty>
      ) : (
        <>
          <Flex gap="6" align="flex-end" mt="2" mb="4">
            <ChoiceField
              label="Cut"
              width="320px"
              value={shown.layId}
              among={lays.map((l) => [l.layId, `${l.name}, ${l.faceName} (${l.text})`] as const)}
              onChoice={(id) => void go(`/pieces/${piece.id}/cut/cutter/${id}`, { replace: true })}
            />
            <Text color="soft" fontSize="13px" pb="1.5">
              {cutter.data.name}, its bed is {cutter.data.matText}.
            </Text>
          </Flex>
          <MatsOfLay key={shown.layId} lay={shown} cutter={cutter.data} />
        </>
      )}
      <OwnFile />
    </Box>
  );
}
