import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Answers, api, ask, seen, type ToolView } from '../api/client';
import { keys } from '../api/keys';
import { Button } from '../common/Button';
import { MeasureFields } from '../common/MeasureFields';
import { PlainField } from '../common/PlainField';
import { Refusal } from '../common/Refusal';
import { useShelfChanged } from './queries';

const NONE: Answers = { numbers: {}, choices: {} };

/** A tool: what it covers in a minute, what stays in it. Without one: a new one. */
export function ToolPanel({ toolId }: { toolId: string | null }) {
  const tools = useQuery({
    queryKey: keys.tools(),
    enabled: toolId !== null,
    queryFn: () => ask(api.GET('/api/tools')),
  });
  const go = useNavigate();
  const tool = tools.data?.find((t) => t.id === toolId) ?? null;
  if (toolId === null) {
    return <ToolForm tool={null} done={() => go('/shelf?things=TOOL')} />;
  }
  return tool && <ToolForm key={tool.id} tool={tool} done={() => undefined} />;
}

function ToolForm({ tool, done }: { tool: ToolView | null; done: () => void }) {
  const changed = useShelfChanged();
  const [name, setName] = useState(tool?.name ?? '');
  const [answers, setAnswers] = useState<Answers>(tool?.answers ?? NONE);
  const [version, setVersion] = useState(tool?.version ?? 0);
  const fields = useQuery({
    queryKey: keys.toolReading(answers),
    queryFn: () => ask(api.POST('/api/tools/reading', { body: { name: name || 'tool', answers } })),
    placeholderData: (before) => before,
  });
  const save = useMutation({
    mutationFn: () =>
      tool
        ? ask(
            api.PUT('/api/tools/{id}', {
              params: { path: { id: tool.id }, header: seen(version) },
              body: { name, answers },
            }),
          )
        : ask(api.POST('/api/tools', { body: { name, answers } })),
    onSuccess: (saved) => {
      setVersion(saved.version);
      done();
    },
    onSettled: changed,
  });
  const remove = useMutation({
    mutationFn: () =>
      ask(api.DELETE('/api/tools/{id}', { params: { path: { id: tool?.id ?? '' } } }), true),
    onSuccess: changed,
  });
  return (
    <Flex direction="column" gap="3">
      <Box>
        <Text fontSize="12.5px" color="soft">
          Tool
        </Text>
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {tool?.name ?? 'A new tool'}
        </Heading>
        <Text color="soft">{tool?.text}</Text>
      </Box>
      <PlainField label="Name" value={name} onText={setName} maxLength={80} />
      <MeasureFields
        fields={fields.data ?? []}
        tellTypical="typical, until you know better"
        onNumber={(key, value) =>
          setAnswers({ ...answers, numbers: { ...answers.numbers, [key]: value } })
        }
        onChoice={(key, value) =>
          setAnswers({ ...answers, choices: { ...answers.choices, [key]: value } })
        }
      />
      <Flex gap="2">
        <Button look="sea" onClick={() => save.mutate()} disabled={save.isPending}>
          {tool ? 'Keep' : 'Put it on the shelf'}
        </Button>
        {tool ? (
          <Button look="warn" onClick={() => remove.mutate()}>
            Take it off the shelf
          </Button>
        ) : (
          <Button onClick={done}>Never mind</Button>
        )}
      </Flex>
      <Refusal of={save.error ?? remove.error} />
    </Flex>
  );
}
