import Joi from 'joi';
import { TIE_COLOURS, type TieBodies } from '@/core/journal/kinds/tie';
import { day, id, name, oneOf, record, type KindSchemas } from '../fields';

const meaning = Joi.alternatives().conditional('.of', {
  switch: [
    { is: 'day', then: record({ of: oneOf(['day']), day }) },
    { is: 'words', then: record({ of: oneOf(['words']), text: name }) },
  ],
  otherwise: record({ of: oneOf(['variety', 'cross']), id }),
});

export const TIE_SCHEMAS: KindSchemas<TieBodies> = {
  'tie.set': () => record({ colour: oneOf(TIE_COLOURS), means: meaning.optional() }),
};
