import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { useState } from 'react';
import type { StudioView, SumView } from '../api/client';
import { Button } from '../common/Button';
import { Fig } from '../common/Fig';
import { useElementSize } from '../common/useElementSize';
import { LinePicture } from '../lay-out/OptionList';
import { Tape } from '../map/Tape';
import { highAs, SketchPicture } from './SketchPicture';
import { SumField } from './SumField';
import { addressOf, type Texts, withUnits } from './typed';
import { useSum } from './useSum';

const DRAWN_HIGHEST = 236;
const DRAWN_LEAST = 84;

/** All there is to know of a sum: its drawing, its other ways, where to tick, and its why. */
export function SumPane({
  usual,
  texts,
  way,
  tape,
  onText,
  onWay,
}: {
  usual: SumView;
  texts: Texts;
  way: number;
  tape: StudioView['tape'] | undefined;
  onText: (key: string, text: string | null) => void;
  onWay: (way: number) => void;
}) {
  const { sum, refused, unknown, settled } = useSum(usual, texts, way);
  const [place, size] = useElementSize();
  const inLine = new Set(sum.line.map((p) => p.key));
  const drawnHigh =
    sum.sketch && size ? highAs(sum.sketch, size.width, DRAWN_LEAST, DRAWN_HIGHEST) : DRAWN_HIGHEST;
  const further = sum.fields.filter((f) => !inLine.has(f.key));
  return (
    <Box as="section" aria-label={sum.title} opacity={refused === null && !unknown ? 1 : 0.55}>
      <Flex align="baseline" justify="space-between" gap="3" wrap="wrap">
        <Heading as="h2" fontFamily="heading" fontSize="20px" fontWeight="600">
          {sum.title}
        </Heading>
        <Taken sum={sum} texts={texts} unit={tape?.unit ?? 'MM'} ready={settled} />
      </Flex>
      <Text fontSize="17px" mt="0.5" mb="3" data-testid="says">
        <Fig text={unknown ? '…' : sum.answer} />
      </Text>
      <Box
        ref={place}
        bg="card"
        borderWidth="1px"
        borderColor="hairline"
        borderRadius="lg"
        h={sum.sketch ? `${drawnHigh}px` : undefined}
        overflow="hidden"
      >
        {sum.sketch && size && (
          <SketchPicture
            sketch={sum.sketch}
            width={size.width}
            height={drawnHigh - 2}
            label={`${sum.title}, drawn`}
          />
        )}
      </Box>
      {sum.marks.length > 0 && sum.lineLength && tape && size && (
        <Ticks sum={sum} tape={tape} width={size.width} lineMm={sum.lineLength.mm} />
      )}
      {sum.lines.length > 0 && (
        <Box as="dl" mt="3" display="grid" gridTemplateColumns="1fr auto">
          {sum.lines.map((l) => (
            <Flex key={l.label} display="contents">
              <Box as="dt" color="soft" borderBottomWidth="1px" borderColor="hairline" py="1">
                {l.label}
              </Box>
              <Box
                as="dd"
                textAlign="right"
                pl="4"
                borderBottomWidth="1px"
                borderColor="hairline"
                py="1"
                fontVariantNumeric="tabular-nums"
              >
                <Fig text={l.text} />
              </Box>
            </Flex>
          ))}
        </Box>
      )}
      {further.length > 0 && (
        <Flex wrap="wrap" columnGap="5" rowGap="1" mt="3" role="group" aria-label="And">
          {further.map((f) => (
            <Text as="span" key={f.key} fontSize="14px">
              <chakra.span color="soft">{f.label} </chakra.span>
              <SumField
                field={f}
                texts={texts}
                refused={refused !== null}
                onText={(text) => onText(f.key, text)}
              />
            </Text>
          ))}
        </Flex>
      )}
      {sum.ways.length > 1 && <Ways sum={sum} onWay={onWay} />}
      {sum.why.length > 0 && (
        <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600" mt="4">
          Why
        </Heading>
      )}
      {sum.why.map((w) => (
        <Text key={w} fontSize="13.5px" color="soft">
          <Fig text={w} />
        </Text>
      ))}
      {sum.mind.map((m) => (
        <Text key={m} fontSize="13.5px" mt="1.5" pl="3" borderLeftWidth="3px" borderColor="ochre">
          <Fig text={m} />
        </Text>
      ))}
    </Box>
  );
}

/** What can be taken along. */
function Taken({
  sum,
  texts,
  unit,
  ready,
}: {
  sum: SumView;
  texts: Texts;
  unit: StudioView['tape']['unit'];
  ready: boolean;
}) {
  const [copied, setCopied] = useState('');
  const copy = (what: string, text: string) =>
    void navigator.clipboard.writeText(text).then(() => setCopied(what));
  return (
    <Flex gap="1.5" _print={{ display: 'none' }} aria-live="polite">
      <Button size="xs" disabled={!ready} onClick={() => copy('text', sum.text)}>
        {copied === 'text' ? 'Copied' : 'Copy as text'}
      </Button>
      <Button
        size="xs"
        onClick={() =>
          copy('link', `${location.origin}${addressOf(sum.kind, withUnits(sum, texts, unit))}`)
        }
      >
        {copied === 'link' ? 'Copied' : 'Copy link'}
      </Button>
      <Button size="xs" onClick={() => window.print()}>
        Print
      </Button>
    </Flex>
  );
}

function Ticks({
  sum,
  tape,
  width,
  lineMm,
}: {
  sum: SumView;
  tape: StudioView['tape'];
  width: number;
  lineMm: number;
}) {
  return (
    <Box mt="2">
      <Heading as="h3" fontFamily="heading" fontSize="15px" fontWeight="600">
        Tick the middles, from the zero of the tape
      </Heading>
      <Box overflow="hidden">
        <svg width={width} height="86" role="img" aria-label="The tape with its marks">
          <g transform="translate(26 32)">
            <Tape edgeMm={lineMm} k={(width - 56) / lineMm} tape={tape} marks={sum.marks} />
          </g>
        </svg>
      </Box>
      <Flex
        as="ol"
        listStyleType="none"
        wrap="wrap"
        columnGap="5"
        rowGap="0.5"
        data-testid="marks"
        fontSize="13.5px"
      >
        {sum.marks.map((m) => (
          <Flex as="li" key={m.number} gap="1.5" minW="76px">
            <Text color="soft">{m.number}</Text>
            <Text>
              <Fig text={m.text} />
            </Text>
          </Flex>
        ))}
      </Flex>
      <Text fontSize="12.5px" color="soft">
        <Fig text={`Each rounded by itself; none is off by more than ${sum.error}.`} />
      </Text>
    </Box>
  );
}

function Ways({ sum, onWay }: { sum: SumView; onWay: (way: number) => void }) {
  return (
    <Box
      role="radiogroup"
      aria-label="Ways"
      mt="4"
      display="grid"
      gridTemplateColumns="repeat(auto-fill, minmax(240px, 1fr))"
      gap="2"
      _print={{ display: 'none' }}
    >
      {sum.ways.map((o, i) => (
        <Box
          as="button"
          key={`${o.way}${o.count}/${o.across}/${o.detail}`}
          role="radio"
          aria-checked={i === sum.way}
          onClick={() => onWay(i)}
          display="flex"
          flexDirection="column"
          alignItems="stretch"
          textAlign="left"
          bg="card"
          borderWidth={i === sum.way ? '2px' : '1px'}
          borderColor={i === sum.way ? 'sea' : 'hairline'}
          borderRadius="lg"
          px="3"
          py="2"
          _hover={{ borderColor: 'sea' }}
        >
          <Flex justify="space-between" gap="2">
            <Text fontWeight="600">
              <Fig text={o.title} />
            </Text>
            {i === 0 && <Text color="moss">best</Text>}
          </Flex>
          <LinePicture
            option={o}
            ground="var(--chakra-colors-sea)"
            paint="var(--chakra-colors-glass)"
          />
          <Text fontSize="12.5px" color="soft">
            <Fig text={o.detail} />
          </Text>
          <Text fontSize="12.5px">
            <Fig text={o.reason} />
          </Text>
        </Box>
      ))}
    </Box>
  );
}
