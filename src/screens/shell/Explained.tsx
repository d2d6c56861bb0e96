import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { Button } from '@/ui/parts/Button';
import { Sheet } from '@/ui/parts/Sheet';
import { Text, type TextProps } from '@/ui/parts/Text';
import { SPACE, usePalette } from '@/ui/theme';
import { cutAtTerms, GLOSSARY, type TermId } from '../words/glossary';
import { sentenceCase } from '../words/sentenceCase';

export interface ExplainedProps extends Omit<TextProps, 'children'> {
  readonly children: string;
  /** Words of it that are explained on a tap. */
  readonly terms: readonly TermId[];
}

/** A text in which some words have a dotted line: a tap explains them. */
export function Explained({ children, terms, ...rest }: ExplainedProps) {
  const { leaf } = usePalette();
  const [open, setOpen] = useState<TermId>();
  return (
    <>
      <Text {...rest}>
        {cutAtTerms(children, terms).map(({ text, explains }, i) =>
          explains ? (
            <Pressable
              key={i}
              role="button"
              aria-label={`${text}: what is that?`}
              onPress={() => setOpen(explains)}
            >
              <Text
                variant={rest.variant}
                style={{ color: leaf, textDecorationLine: 'underline', textDecorationStyle: 'dotted' }}
              >
                {text}
              </Text>
            </Pressable>
          ) : (
            text
          ),
        )}
      </Text>
      <TermSheet term={open} onClose={() => setOpen(undefined)} />
    </>
  );
}

interface TermSheetProps {
  readonly term: TermId | undefined;
  readonly onClose: () => void;
}

function TermSheet({ term, onClose }: TermSheetProps) {
  const router = useRouter();
  if (!term) return null;
  const { term: title, text } = GLOSSARY[term];
  return (
    <Sheet title={sentenceCase(title)} open onClose={onClose} closeTitle="Close">
      <Text style={{ marginBottom: SPACE.m }}>{text}</Text>
      <Button
        title="All words"
        onPress={() => {
          onClose();
          router.push('/more/glossary');
        }}
      />
    </Sheet>
  );
}
