import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  'laden sie ein,|lade sie ein,|laden dich ein,|lade dich ein,|laden euch ein,|lade euch ein,|laden sie herzlich ein,',
  'sie müssten|du müsstest|ihr müsstet|sie müssten uns|sie bräuchten nur|wir bräuchten von ihnen',
  'schau doch, ob du|vielleicht kannst du|vielleicht könnten sie|versuch bitte,|versuchen sie bitte,|vielleicht könntest du',
  'bitten wir alle,|wir bitten alle,|bitten wir euch,|wir bitten … darum,|es ist dringend, dass sie|es ist dringend, dass du|es ist wichtig, dass sie|es ist wichtig, dass du|es ist nötig, dass sie',
  combine('es wäre', '…', ', wenn', 'sie|du|ihr', '|uns|mir'),
  combine(
    'wären sie so|wärt ihr so|wäret ihr so',
    'lieb|nett|gut|freundlich',
    'und',
    '|würden|könnten|würdet|könntet',
  ),
  combine('wärst|wärest', 'du so', 'lieb|nett|gut|freundlich', 'und', '|würdest|könntest'),
  'es wird empfohlen,|wir empfehlen,|wir empfehlen ihnen,|es empfiehlt sich,',
  'man müsste|man sollte|es wäre gut,|es wäre nötig,|es ist nötig,|es wird zeit,|es ist zeit,|es bleibt,',
  combine(
    'bitte|bitten|ersuche|ersuchen|fordere|fordern|möchte|möchten|darf|dürfen',
    'ich|wir',
    'sie|dich|euch',
    '|daher|deshalb|darum|freundlich|herzlich|höflich',
    '|bitten|auf,|auf',
  ),
  'werden gebeten|wird gebeten|werden freundlich gebeten|bitten wir … zu|wir möchten sie höflich bitten|seien sie so nett und|sei so nett und|sei so lieb und|bitte|könnten sie bitte|könnten sie|können sie bitte|kannst du bitte|könntest du bitte|könntest du|könntet ihr bitte|könntet ihr|könnt ihr bitte|würden sie bitte|würden sie|würdest du|würdet ihr|ich bitte sie|wir bitten sie|ich bitte dich|wir bitten dich|wir bitten euch|ich bitte euch|wir bitten darum|ich bitte darum|sie werden gebeten|ich möchte sie bitten|wir möchten sie bitten|ich möchte dich bitten|darf ich sie bitten|darf ich dich bitten|dürfen wir sie bitten|dürfte ich sie bitten|dürften wir sie bitten|denken sie bitte daran|denken sie daran|denk bitte daran|denk daran|vergessen sie bitte nicht|vergessen sie nicht|vergiss bitte nicht|vergiss nicht|es wäre schön, wenn sie|es wäre schön, wenn du|es wäre nett, wenn sie|es wäre nett, wenn du|es wäre toll, wenn du|es wäre hilfreich, wenn sie|wir wären ihnen dankbar, wenn sie|ich wäre ihnen dankbar, wenn sie|ich wäre dir dankbar, wenn du|wir wären dankbar, wenn sie|ich wäre dankbar, wenn sie|sie müssen|du musst|ihr müsst|sie sollten|du solltest|ihr solltet|du sollst|wir müssen|wäre es möglich,|ist es möglich,|wäre es möglich|magst du|willst du|wollen sie|achten sie bitte darauf,|stellen sie bitte sicher, dass|stellen sie sicher, dass|es ist notwendig,|es ist erforderlich,|kann jemand|könnte jemand|jemand muss|jemand müsste',
  combine(
    'könnten|können|würden|wollen|möchten|dürften|wollten',
    'sie',
    '|bitte|uns|mir|uns bitte|mir bitte|vielleicht|vielleicht bitte|so nett sein und|so freundlich sein und|so gut sein und',
  ),
  combine(
    'könntest|kannst|würdest|magst|willst|möchtest',
    'du',
    '|bitte|uns|mir|mir bitte|uns bitte|vielleicht|so nett sein und|so lieb sein und|mal',
  ),
  combine('könntet|könnt|würdet|mögt|wollt', 'ihr', '|bitte|uns|mir|uns bitte|vielleicht'),
  combine(
    'ich|wir',
    'bitte|bitten|möchte|möchten|darf|dürfen|fordere|fordern|ersuche|ersuchen|erinnere|erinnern',
    'sie|dich|euch',
    '|daher|deshalb|darum|freundlich|herzlich|höflich',
    '|bitten|auf|ein|daran',
  ),
  combine(
    'ich wäre|wir wären|es wäre',
    '|dir|ihnen|euch',
    'dankbar|sehr dankbar|schön|nett|toll|hilfreich|gut|lieb|super|prima|froh',
    ', wenn',
    'sie|du|ihr|jemand',
  ),
  'hättest du lust,|hast du zeit,|bist du so nett und|seien sie bitte so freundlich und|es gilt|es bleibt noch|bleibt noch|sie haben|du hast|ihr habt|sie brauchen nur noch|wir müssten|müsstest du|müssten sie|müsstet ihr|sollten wir|solltest du|sollten sie|bitten wir sie|bitte ich sie|bitten wir dich|bitte ich dich|fordern wir sie auf',
  combine('jemand|einer von uns|einer von euch', 'muss|müsste|sollte|soll'),
  combine('würde|würd', 'es', 'dir|ihnen|euch', 'etwas ausmachen,'),
  combine('macht', 'es', 'dir|ihnen|euch', 'etwas aus,'),
  combine('hast|hättest|findest', 'du', '|noch|kurz|mal', 'zeit,|gelegenheit,|lust,|zeit'),
  combine('haben|hätten|finden', 'sie', '|noch|kurz', 'zeit,|gelegenheit,|zeit'),
  combine(
    'wir|ich',
    'möchten|möchte|wollen|will|dürfen|darf',
    'sie|dich|euch',
    'daran erinnern,|daran erinnern, dass sie',
  ),
  combine('kommst du|kommen sie|schaffst du es|schaffen sie es|schafft ihr es', 'dazu,|noch,|'),
  'du bist dran,|du bist damit dran,|du bist an der reihe,|es ist an dir,|es ist ihre aufgabe,|es ist deine aufgabe,|ließe sich|ließen sich|ließe … sich|ließen … sich',
  combine('sorge|sorgen sie|sorg|sorgt', 'bitte dafür, dass|dafür, dass'),
  combine('seien sie|sei|seid', '|bitte', 'so', 'gut|nett|lieb|freundlich', 'und|,'),
  'haben sie … zeit,|hätten sie … zeit,|hast du … zeit,|hättest du … zeit,',
  'es genügt,|es reicht,|sie müssen nur|du musst nur',
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  'erbitte ich|erbitte ich daher|brauche ich daher|benötige ich daher',
  combine('wir wären|ich wäre', 'dankbar|froh|sehr dankbar', 'für|um|über'),
  'wir brauchen|ich brauche|wir benötigen|ich benötige|wir brauchen noch|ich brauche noch|wir benötigen noch|ich benötige noch|brauchen wir|brauche ich|benötigen wir|benötige ich|wir warten auf|wir warten noch auf|ich warte noch auf|ich warte auf|uns fehlt|uns fehlt noch|uns fehlen|uns fehlen noch|es fehlt|es fehlt noch|es fehlen|es fehlen noch|mir fehlt noch|mir fehlen noch|wir erwarten|ich erwarte|wir bitten um|ich bitte um|wir hätten gerne|ich hätte gerne|wir hätten gern|bitte um|wir bitten sie um|ich bitte sie um|erbitten wir|wir erbitten|ich bräuchte|wir bräuchten|ich benötigte|bräuchte ich|bräuchten wir|wir hätten|ich hätte|wir vermissen|ich vermisse|noch ausstehend ist|es fehlt uns|es fehlen uns|fehlt uns noch|wir wünschen uns|gebraucht wird|gebraucht werden|benötigt wird|benötigt werden',
  combine('wir|ich', 'rechne|rechnen|warte|warten|hoffe|hoffen|bestehe|bestehen', '|noch|jetzt', 'mit|auf'),
  'ich hätte gern|wir hätten gern|ich würde gern … haben|wir erwarten von ihnen|wir erwarten von euch',
  combine('es würde|das würde', 'uns|mir', '|sehr|ungemein', 'helfen,|nützen,'),
  combine('kann|können|darf|dürfen', 'ich|wir', 'mit|damit rechnen, dass ich|damit rechnen, dass wir'),
  combine('sehen|erwarten', 'wir', '|gern|mit interesse'),
  'und brauche|und brauchen|und benötige|und benötigen|und bräuchte',
].join('|');
