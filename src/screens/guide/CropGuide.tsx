import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Crop } from '@/core/crops/catalogue';
import { seenCropOf } from '@/core/flowers/kindsOf';
import { guideFigures, type FigureCode } from '@/core/guide/guideFigures';
import { hygieneOf, mistakesOf } from '@/core/guide/mistakes';
import { schoolsOf } from '@/core/guide/schools';
import { Button } from '@/ui/parts/Button';
import { Text } from '@/ui/parts/Text';
import { SPACE } from '@/ui/theme';
import { useFormat } from '../format/useFormat';
import { Explained } from '../shell/Explained';
import { Page } from '../shell/Page';
import { CROP_CAUTIONS } from '../words/garden';
import { HYGIENE_WORDS, MISTAKE_WORDS, sayHabit } from '../words/guide';
import { QUESTIONS, sayOurs, WAYS } from '../words/schools';
import { sayFigure, sayFigureName, sayStanding } from '../words/guideFigures';
import type { TermId } from '../words/glossary';
import { CropSeason } from './CropSeason';
import { FlowerAges, FlowerSexes, FlowerStyles } from './FlowerLooks';
import { HowItIsDone } from './HowItIsDone';
import { Section } from './Section';
import { Roguing } from './Roguing';
import { FruitFates, WhyItMayFail } from './WhatItBears';

/** All there is to know of a crop to pollinate it by hand. */
export function CropGuide({ crop }: { readonly crop: Crop }) {
  const router = useRouter();
  const seen = seenCropOf(crop.id);
  return (
    <Page
      title={crop.name}
      over={<Text tone="soft">{`${crop.species}: ${crop.types}`}</Text>}
      aside={
        <>
          <HowItIsDone crop={crop} />
          <Schools crop={crop} />
          <Roguing crop={crop} />
          <Lines title="What goes wrong most" lines={mistakesOf(crop).map((each) => MISTAKE_WORDS[each])} />
          <Lines
            title="So that disease does not travel"
            lines={hygieneOf(crop).map((each) => HYGIENE_WORDS[each])}
          />
          <Lines title="Mind" lines={crop.cautions.map((each) => CROP_CAUTIONS[each])} />
          <Button variant="quiet" title="All cautions" onPress={() => router.push('/more/cautions')} />
          <Figures crop={crop} />
        </>
      }
    >
      <Text style={{ marginBottom: SPACE.l }}>{sayHabit(crop)}</Text>
      {seen ? (
        <>
          <FlowerSexes crop={seen} />
          <FlowerAges crop={seen} />
          <FlowerStyles crop={seen} />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.s, marginBottom: SPACE.l }}>
            <Button
              title="Practise"
              onPress={() => router.push({ pathname: '/more/practice', params: { crop: crop.id } })}
            />
            <Button
              title="Which flower is this?"
              onPress={() => router.push({ pathname: '/more/identify', params: { crop: crop.id } })}
            />
            <Button title="Print" onPress={() => window.print()} />
          </View>
        </>
      ) : (
        <Text tone="soft" style={{ marginBottom: SPACE.l }}>
          Nobody pollinates it by hand for fruit or for plain seed: it is here for what it crosses with.
        </Text>
      )}
      <CropSeason crop={crop} />
      {seen ? (
        <>
          <FruitFates crop={seen} />
          <WhyItMayFail crop={crop} />
        </>
      ) : null}
    </Page>
  );
}

function Lines({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <Section title={title}>
      <View role="list" style={{ gap: SPACE.s }}>
        {lines.map((line) => (
          <View role="listitem" key={line}>
            <Text>{line}</Text>
          </View>
        ))}
      </View>
    </Section>
  );
}

/** Where growers disagree, and what is done here. */
function Schools({ crop }: { readonly crop: Crop }) {
  const f = useFormat();
  const schools = schoolsOf(crop);
  if (schools.length === 0) return null;
  return (
    <Section title="Where growers differ">
      <View role="list" style={{ gap: SPACE.m }}>
        {schools.map(({ question, ways, ours }) => (
          <View role="listitem" key={question}>
            <Text variant="strong">{QUESTIONS[question]}</Text>
            <Text variant="small" tone="soft">
              {`Some say: ${ways.map((way) => WAYS[way]).join(' · ')}.`}
            </Text>
            <Text>{sayOurs(ours, f)}</Text>
          </View>
        ))}
      </View>
      <Text variant="small" tone="soft">
        All common practice, no source. You can choose otherwise for each variety and each cross.
      </Text>
    </Section>
  );
}

/** Words that are explained, where each first stands. */
const NAME_TERMS: Readonly<Partial<Record<FigureCode, readonly TermId[]>>> = {
  distanceCasual: ['isolationDistance'],
  timeApart: ['timeIsolation'],
  dewPointSign: ['dewPoint'],
};

/** Each figure with where it comes from. */
function Figures({ crop }: { readonly crop: Crop }) {
  const f = useFormat();
  return (
    <Section title="The figures">
      <Text variant="small" tone="soft">
        Starting values. Your own records outweigh them as they grow.
      </Text>
      <View role="table" aria-label={`Figures of ${crop.name}`}>
        {guideFigures(crop).map((known) => (
          <View
            role="row"
            key={known.code}
            style={{ flexDirection: 'row', gap: SPACE.m, paddingVertical: SPACE.xs }}
          >
            <View role="rowheader" style={{ flex: 1 }}>
              <Explained terms={NAME_TERMS[known.code] ?? []}>{sayFigureName(known.code, crop)}</Explained>
              <Text variant="small" tone="soft">
                {sayStanding(known.figure)}
              </Text>
            </View>
            <View role="cell" style={{ maxWidth: '45%' }}>
              <Explained
                variant="strong"
                style={{ textAlign: 'right' }}
                terms={known.code === 'toFlower' ? ['degreeDays'] : []}
              >
                {sayFigure(known, crop, f)}
              </Explained>
            </View>
          </View>
        ))}
      </View>
    </Section>
  );
}
