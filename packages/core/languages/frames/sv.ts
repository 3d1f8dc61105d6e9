import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  'skulle du behöva|du skulle behöva|ni skulle behöva|behöver ni|behöver du|måste ni|måste du|bör ni|bör du|ska ni|ska du',
  'försök att|se om du kan|kanske kan du|kanske kan ni',
  'kan du vara så snäll och|kan ni vara så snälla och|skulle du vilja vara snäll och|skulle du kunna vara så snäll och|är du snäll och|var så snäll och|vill du vara snäll och|vill du vara så snäll och|ber vi alla att|ber vi er att|vi ber alla att|ber vi er|det är angeläget att du|det är viktigt att du|det är viktigt att ni|vi ber er',
  combine('det vore|det skulle vara', '…', 'om', 'du|ni', 'kunde|kan|ville|skulle kunna'),
  'vi rekommenderar att|vi rekommenderar er att|det rekommenderas att|vi råder er att',
  'det vore bra att|det är bra att|det är dags att|det är viktigt att|det gäller att|det är nödvändigt att',
  combine('ber|uppmanar|påminner', 'vi|jag', 'dig|er', 'att|om att|'),
  'ombeds|ombeds att|uppmanas att|vi uppmanar er att|jag vill be dig att|jag vill be dig|vi vill be er att|vi vill be er|jag skulle behöva att du|vänligen|var vänlig och|var vänlig att|var snäll och|kan du vara snäll och|kan du snälla|snälla|skulle du kunna|skulle ni kunna|kunde du|kunde ni|skulle du vilja|skulle ni vilja|vill du|vill ni|jag ber dig|jag ber er|vi ber dig|vi ber er|jag ber dig att|vi ber dig att|jag ber er att|vi ber er att|du ombeds|ni ombeds|du ombeds att|ni ombeds att|jag skulle vilja be dig|jag skulle vilja be er|jag skulle vilja be dig att|vi skulle vilja be er att|vi skulle vilja be dig att|får jag be dig att|får vi be er att|du måste|ni måste|du behöver|ni behöver|du bör|ni bör|du ska|ni ska|vi måste|vi behöver|jag behöver|glöm inte att|glöm inte|kom ihåg att|tänk på att|se till att|det vore bra om du kunde|det vore bra om ni kunde|det vore snällt om du kunde|jag skulle uppskatta om du kunde|vi skulle uppskatta om ni kunde|jag vore tacksam om du kunde|vi vore tacksamma om ni kunde|jag är tacksam om du kan|vi är tacksamma om ni kan|vi är tacksamma om du kan|skulle det vara möjligt att|är det möjligt att|jag vill att du|vi vill att ni|jag vill att ni|hinner du|hinner ni|har du möjlighet att|har ni möjlighet att|någon måste|kan någon|skulle någon kunna|det är viktigt att|vi bör|kan vi|gärna',
  combine(
    'kan|skulle|kunde|vill|hinner|orkar|ville',
    'du|ni|någon|någon av er',
    '|kunna|vilja|vänligen|snälla|också|även|möjligen|eventuellt|tänka dig att|tänka er att|hjälpa oss att|hjälpa mig att|vara snäll och|vara så vänlig och',
  ),
  combine(
    'jag|vi',
    'ber|uppmanar|påminner|vill be|skulle vilja be|behöver be|önskar|vill påminna|bjuder in',
    'dig|er',
    '|att|om att|vänligen|därför att|vänligen att|därför|också att',
  ),
  combine(
    'det vore|det skulle vara|det är|det hade varit',
    'bra|snällt|toppen|fint|skönt|kul|jättebra|önskvärt',
    'om',
    'du|ni|någon',
    'kan|kunde|ville|vill|skulle kunna',
  ),
  combine(
    'jag|vi',
    'är|vore|skulle vara|blir',
    'tacksam|tacksamma|glad|glada',
    'om',
    'du|ni',
    'kan|kunde|vill|ville',
  ),
  combine('har', 'du|ni', 'tid att|lust att|möjlighet att|chans att|tillfälle att'),
  'var god|var god och|var vänliga och|var så vänlig och|var vänlig|vänligen se till att|återstår att|det återstår att|kom gärna ihåg att|glöm inte bort att|det gäller att|du kommer att behöva|ni kommer att behöva|du får gärna|ni får gärna|ni är välkomna att|du är välkommen att|du har att|ni har att|du uppmanas att|ni uppmanas att|passa på att|försök att|tag kontakt och',
  combine('har|skulle', 'du|ni', '|du|haft|ha', 'tid att|möjlighet att|chans att|tid för att|lust att'),
  combine('någon|en av oss|en av er', 'borde|måste|bör|skulle behöva'),
  'det är din tur att|det är er tur att|det är upp till dig att|skulle du hinna|skulle ni hinna|är det din tur att|är det er tur att',
  'se till att|ser du till att|säkerställ att',
  combine('var|vore du', '|så', 'god|snäll|vänlig', 'och|att'),
  'det räcker att|du behöver bara|ni behöver bara',
  combine(
    'jag undrar|vi undrar|jag undrade|jag ville fråga|jag skulle vilja fråga|jag tänkte höra|jag ville höra',
    'om',
    'du|ni|någon',
    '|skulle',
    'kan|kunde|kunna|vill|vore snäll att',
  ),
  combine('det är|det vore', '|mycket|väldigt', 'viktigt|nödvändigt|angeläget|avgörande', 'att', 'du|ni'),
  combine(
    'får jag|får vi|kan jag|kan vi|kan jag få|skulle jag kunna få|skulle jag kunna|får jag lov att',
    'be',
    'dig|er',
    '|att|om att',
  ),
  combine('vem', 'kan|kunde|vill|skulle kunna|tar på sig att'),
  combine('du|ni', 'lovade|har lovat|åtog dig|åtog er|erbjöd dig|erbjöd er|skulle', '|att'),
  combine('din|er', 'uppgift', 'är att|blir att'),
  combine(
    'jag|vi',
    'räknar med att|väntar på att|väntar fortfarande på att|litar på att',
    'du|ni',
    '|ska|hinner|kan',
  ),
  combine('påminna|be|ber|påminner', 'dig|er', 'om att|att'),
  combine('tror', 'du|ni', 'att', 'du|ni', 'kan|kunde|hinner|skulle kunna'),
  combine('om', 'du|ni', 'kan|kunde|hinner|skulle kunna'),
  'ta dig tid att|ta er tid att|någon som kan|någon som vill|någon som skulle kunna|gör mig den tjänsten att|gör oss den tjänsten att|gör mig en tjänst och',
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  'behöver jag|behöver vi|behöver jag ha|behöver vi ha|behöver jag få|behöver vi få|behöver jag ha tillbaka|saknar vi|saknar jag|väntar vi på|väntar jag på',
  'vi behöver|jag behöver|vi väntar på|jag väntar på|vi väntar fortfarande på|jag väntar fortfarande på|vi saknar|jag saknar|vi saknar fortfarande|vi önskar få|jag önskar få|vi vill ha|jag vill ha|vi skulle vilja ha|jag skulle vilja ha|vi behöver få|jag behöver få|det saknas|ännu saknas|vi emotser|vi ser fram emot att få|vi behöver ha|jag behöver ha|vi skulle behöva|jag skulle behöva|vi skulle vilja få|jag skulle vilja få|vi önskar|jag önskar|vi efterfrågar|vi ber om|jag ber om|vi ber er om|saknas|vi inväntar|jag inväntar|vi emotser fortfarande|fattas|det fattas',
  combine(
    'vi|jag',
    'ser fram emot|räknar med|hoppas på|hoppas få|vill gärna ha|vill gärna få|skulle uppskatta|hade velat ha|hade behövt',
    '|att få|att få ta del av',
  ),
  combine('det skulle', 'hjälpa', 'oss|mig', '|mycket', 'att ha|att få'),
  combine('kan|får', 'jag|vi', 'räkna med', 'att få|'),
  combine('jag|vi', 'skulle', '|gärna', 'vilja', 'ha|få', '|tillbaka'),
  'och behöver',
].join('|');
