import type { CropId } from '../catalogue';

const ALL_SQUASH = ['pepo', 'maxima', 'moschata', 'argyrosperma'] as const;
const ALL_PEPPERS = ['annuum', 'chinense', 'frutescens', 'baccatum', 'pubescens'] as const;

/** The crops a name may mean, and names from gardens and kitchens outside English, without those listed there. */
type WorldNames = readonly [crops: readonly [CropId, ...CropId[]], names: string];

/**
 * Kitchen and market names in Latin letters, of the Americas, Africa, Europe, western, South and East Asia and Oceania.
 * Everyday words, from memory. Short words that are also English ones are left out: a variety's name could hold them by
 * chance.
 */
export const WORLD_NAMES: readonly WorldNames[] = [
  // Squash.
  [
    ALL_SQUASH,
    'Kürbis, Speisekürbis, courge, zucca, abóbora, pompoen, pampoen, tykva, dynia, gresskar, græskar',
  ],
  [ALL_SQUASH, 'kabak, boga, kabewa, paukena, pamken, labu, nangua, bi do, tök'],
  [['pepo'], 'Gartenkürbis, Ölkürbis, citrouille, pâtisson, calabacín, zucchina, zucchino, zapallito largo'],
  [['pepo'], 'cukinia, patison, kabachok, kousa, kamokamo'],
  [['pepo', 'moschata'], 'abobrinha, hobak, aehobak'],
  [['pepo', 'bottleGourd'], 'Zierkürbis, coloquinte'],
  [['maxima'], 'Riesenkürbis, potiron, giraumon, moranga, zapallo criollo, Hokkaidokürbis'],
  [
    ['moschata'],
    'Moschuskürbis, courge musquée, doubeurre, auyama, ahuyama, kalabasa, fak thong, abóbora de pescoço',
  ],
  [['moschata', 'maxima'], 'kaddu, kumro, mathanga, poosanikai'],
  // Melon, cucumber, watermelon.
  [
    ['melon'],
    'Zuckermelone, Honigmelone, melone, melão, kharbuja, kharbooja, kavun, dynya, tiangua, spanspek, meloen',
  ],
  [
    ['cucumber'],
    'Gurke, Salatgurke, Einlegegurke, Schlangengurke, concombre, pepino, cetriolo, komkommer, augurk',
  ],
  [
    ['cucumber'],
    'agurk, ogórek, ogurets, uborka, salatalık, khiyar, kheera, huanggua, timun, mentimun, pipino, dua leo',
  ],
  [
    ['watermelon'],
    'Wassermelone, pastèque, sandía, anguria, cocomero, melancia, arbuz, karpuz, battikh, tarbooz, tarbuj',
  ],
  [
    ['watermelon'],
    'suika, subak, xigua, semangka, tembikai, pakwan, waatlemoen, tikiti maji, dua hau, taeng mo',
  ],
  // Other gourds.
  [
    ['bottleGourd'],
    'Flaschenkürbis, calebasse, lagenaria, porongo, cabaça, ghiya, dudhi, sorakaya, yugao, hulu, upo',
  ],
  [
    ['luffa'],
    'Schwammkürbis, Schwammgurke, pipangaille, estropajo, turai, beerakaya, hechima, sigua, patola, oyong, muop',
  ],
  [['bitterGourd'], 'Bittermelone, margose, cundeamor, pavakka, kakarakaya, nigauri, kugua, peria, kho qua'],
  [['waxGourd'], 'Wachskürbis, kumbalanga, tougan, donggua, kundur, bi dao'],
  [['snakeGourd'], 'Schlangenhaargurke, padavalam, potlakaya, pudalangai'],
  // Corn.
  [
    ['corn'],
    'Mais, Zuckermais, Puffmais, maíz, choclo, elote, milho, granoturco, kukuruza, kukurydza, mielie, mahindi',
  ],
  [['corn'], 'makka, makki, bhutta, tomorokoshi, oksusu, jagung, kulina'],
  // Nightshades.
  [
    ['tomato'],
    'Tomate, Paradeiser, jitomate, pomodoro, tomaat, pomidor, paradicsom, domates, tamatar, nyanya, kamatis',
  ],
  [['tomato'], 'xihongshi, fanqie, ca chua'],
  [['annuum'], 'poivron, peperone, pimentão, papryka, shimla mirch, piman, gochu, Gemüsepaprika'],
  [
    ALL_PEPPERS,
    'piment, peperoncino, pimenta, mirch, pilipili, togarashi, lajiao, cabai, phrik, Chilischote',
  ],
  [
    ['aubergine'],
    'berenjena, melanzana, Melanzani, berinjela, bakłażan, baklazhan, patlıcan, badinjan, baingan, vankaya',
  ],
  [
    ['aubergine'],
    'kattirikai, bilinganya, eiervrug, nasu, qiezi, terung, terong, talong, ca tim, Eierfrucht',
  ],
  [
    ['potato'],
    'Kartoffel, Erdapfel, pomme de terre, papa, patata, aardappel, ziemniak, kartofel, aloo, viazi, riwai',
  ],
  [['potato'], 'jagaimo, gamja, tudou, kentang, aartappel'],
  // Others.
  [['okra'], 'quiabo, quimbombó, gombo, bamia, bamya, bendakaya, vendakkai, qiukui'],
  [
    ['strawberry'],
    'Erdbeere, fraise, fresa, frutilla, fragola, morango, aardbei, truskawka, klubnika, ichigo, caomei',
  ],
  [
    ['commonBean'],
    'Buschbohne, Stangenbohne, Gartenbohne, frijol, poroto, judía, alubia, fagiolo, fagiolino, feijão, fasola',
  ],
  [['commonBean'], 'fasulye, rajma, ingen, buncis, boontjie, maharagwe, sperzieboon'],
  [['runnerBean'], 'Feuerbohne, Prunkbohne, haricot d’Espagne, fagiolo di Spagna, ayocote, pronkboon'],
  [['limaBean'], 'Limabohne, Mondbohne, haricot de Lima, pallar, patani'],
  [
    ['broadBean'],
    'Ackerbohne, Puffbohne, Saubohne, dicke Bohne, fève, féverole, haba, tuinboon, soramame, candou, baqla',
  ],
  [
    ['pea'],
    'Erbse, Zuckererbse, petit pois, guisante, arveja, chícharo, pisello, ervilha, doperwt, groch, matar, wandou',
  ],
  [['lettuce'], 'Kopfsalat, Gartensalat, laitue, lechuga, lattuga, alface, sałata, marul, selada, shengcai'],
  // As they stand in lists: kinds of a crop, and plurals that no rule makes.
  [['corn'], 'maïs doux, Mais dolce, milho doce, milho verde, milho pipoca, maíz dulce, maíz palomero'],
  [['corn'], 'suikermaïs, Popcornmais, Speisemais, Gemüsemais, maïs à éclater, mais da popcorn'],
  [
    ['tomato'],
    'Kirschtomate, Fleischtomate, Cocktailtomate, Strauchtomate, Flaschentomate, Eiertomate, Stabtomate, Buschtomate',
  ],
  [
    ['tomato'],
    'tomate cerise, tomate cereja, tomate cherry, pomodoro ciliegino, pomodorino, pomodorini, pomodori, tomate coração',
  ],
  [
    ['tomato'],
    'tomate coeur de boeuf, cuore di bue, kerstomaat, vleestomaat, trostomaat, snoeptomaat, tomateiro',
  ],
  [['melon'], 'melone retato, suikermeloen, kantaloep, melão cantalupo, melões, melon brodé, galiamelone'],
  [['watermelon'], 'watermeloen'],
  [
    ['moschata'],
    'muskaatpompoen, muskuspompoen, zucca moscata, zucca butternut, calabaza moscada, calabaza butternut',
  ],
  [
    ['moschata'],
    'Butternusskürbis, Birnenkürbis, Muskatkürbis, abóbora menina, abóbora moscada, courge butternut',
  ],
  [
    ['maxima'],
    'reuzenpompoen, calabaza gigante, abóbora gigante, zucca gigante, courge géante, zucca marina',
  ],
  [['pepo'], 'Eichelkürbis, Spaghettikürbis, courge spaghetti, zucca spaghetti, courgettes rondes'],
  [['pepo'], 'abobrinha italiana, curgete, curgetes, calabacines, Rondini, Zucchetti'],
  [['cucumber'], 'Minigurke, Gewächshausgurke, Freilandgurke, Landgurke, Gewürzgurke, pepinillo, cetriolino'],
  [
    ['commonBean'],
    'haricot vert, haricots verts, haricot nain, haricot à rames, haricots à rames, haricot beurre, haricot grimpant',
  ],
  [
    ['commonBean'],
    'fagiolo rampicante, fagiolo nano, fagiolini, cornetti, judía verde, judías verdes, habichuela, ejote, chaucha',
  ],
  [
    ['commonBean'],
    'feijão verde, feijões, vagem, stamboon, stokboon, sperziebonen, stokbonen, snijboon, Brechbohne, Wachsbohne',
  ],
  [['commonBean', 'runnerBean', 'limaBean', 'broadBean'], 'boon, bonen, stambonen'],
  [
    ['pea'],
    'pois, erwt, erwten, peul, peulen, kapucijner, pois mangetout, pois gourmand, pois sucré, Markerbse',
  ],
  [
    ['pea'],
    'Palerbse, Schalerbse, Zuckerschote, Kaiserschote, sugar snap pea, taccola, piselli mangiatutto, tirabeque',
  ],
  [['annuum'], 'Spitzpaprika, Blockpaprika, Tomatenpaprika, pimiento morrón, puntpaprika'],
  [['aubergine'], 'Melanzane, beringela'],
  [['strawberry'], 'Monatserdbeere, fraise des bois, fraisier, fresón, doordrager'],
];
