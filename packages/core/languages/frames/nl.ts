import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  'zou u moeten|zou je moeten|u zou moeten|je zou moeten|moet u|moet je|moeten jullie|dient u|dien je',
  'probeer|misschien kun je|misschien kunt u|kijk of je|probeer om',
  'vragen we … om|vragen wij … om|wij vragen … om|we vragen … om|verzoeken wij … om|zou je zo lief willen zijn om|zou u zo vriendelijk willen zijn om|zou je zo goed willen zijn om|zou je zo vriendelijk willen zijn|wil je zo lief zijn om|ben je zo lief om|het is dringend dat u|het is belangrijk dat je|het is belangrijk dat u|ontvangen wij graag … van u',
  combine('het zou', '…', 'zijn als|zijn wanneer', 'je|u|jullie|iemand'),
  'wij raden u aan|wij raden u aan om|we raden je aan om|het is aan te raden om|wij adviseren u|wij adviseren u om',
  combine('nodig|nodigen', 'ik|wij|we', 'u|je|jullie', 'uit om|hierbij uit om|graag uit om'),
  combine('ik|wij|we', 'nodig|nodigen', 'u|je|jullie', 'uit om|hierbij uit om|graag uit om'),
  'het is nodig om|het zou nodig zijn om|het is tijd om|het zou goed zijn om|het is belangrijk om|het is verstandig om',
  combine(
    'verzoek|verzoeken|vraag|vragen',
    'ik|wij|we',
    'u|je|jou|jullie',
    '|om|vriendelijk|dan ook|vriendelijk om|uit om',
  ),
  'worden verzocht|wordt verzocht|worden vriendelijk verzocht|wees zo vriendelijk|ik zou u willen vragen|ik zou je willen vragen|kunt u alstublieft|kun je alsjeblieft|zou u|zou u zo vriendelijk willen zijn om|zou je|zouden jullie|zou u kunnen|zou je kunnen|wilt u|wilt u alstublieft|wil je|wil je alsjeblieft|willen jullie|gelieve|graag|ik verzoek u|wij verzoeken u|we verzoeken u|u wordt verzocht|wij vragen u|we vragen u|ik vraag u|ik wil u vragen|ik wil je vragen|wij willen u vragen|we willen je vragen|mag ik u vragen|mag ik je vragen|mogen wij u verzoeken|u moet|je moet|jullie moeten|u dient|je dient|vergeet niet|vergeet u niet|denk eraan|denk eraan om|denkt u eraan|we moeten|wij moeten|het zou fijn zijn als u|het zou fijn zijn als je|het zou mooi zijn als je|ik zou het op prijs stellen als u|ik zou het op prijs stellen als je|wij zouden het op prijs stellen als u|zorg ervoor dat|zorg dat|zou het mogelijk zijn|is het mogelijk|is het mogelijk om|zou het mogelijk zijn om|alstublieft|alsjeblieft|svp|aub|kan iemand|zou iemand|we zouden graag willen dat u|ik zou graag willen dat u|ik zou graag willen dat je|ik wil graag dat je|ik wil graag dat u|verzoeke|er moet|iemand moet|het is noodzakelijk|het is nodig om',
  combine(
    'kun|kan|zou|wil|zul|mag',
    'je|jij|jullie|ik|iemand|jou',
    '|alsjeblieft|ons|mij|me|misschien|even|ook|eventueel|mij even|ons even|willen|kunnen|er aan denken om',
  ),
  combine(
    'kunt|kan|zou|zoudt|wilt|wil|mag',
    'u',
    '|alstublieft|ons|mij|misschien|ook|zo vriendelijk zijn|zo vriendelijk willen zijn om|zo goed willen zijn om|willen|kunnen',
  ),
  combine('kunnen|zouden|willen', 'jullie|we|wij', '|alsjeblieft|ons|mij|ook|willen|kunnen'),
  combine(
    'ik|wij|we',
    'verzoek|verzoeken|vraag|vragen|herinner|herinneren|wil|willen',
    'u|je|jou|jullie',
    '|om|vriendelijk|dan ook|vriendelijk om|uit om|graag|eraan|graag vragen|vragen|vragen om|verzoeken',
  ),
  combine('heb|heeft|hebben', 'je|u|jullie', 'tijd om|zin om|gelegenheid om|even tijd om'),
  combine('zie|ziet|lukt het|durf', 'je|u', 'kans om|om|het aan om'),
  combine('het zou|dat zou', 'fijn|mooi|handig|prettig|goed|leuk|geweldig', 'zijn als', 'je|u|jullie|iemand'),
  combine(
    'ik zou|wij zouden|we zouden',
    'het',
    'fijn vinden als|waarderen als|op prijs stellen als|prettig vinden als',
    'je|u|jullie',
  ),
  'u zult|je zult|er dient|er moet nog|rest nog|wij wijzen u erop|denk er aan om|denk er om|vergeet niet om|vergeet alsjeblieft niet|u gelieve|gelieve ons|wees zo goed om|zorg jij dat|zorg jij ervoor dat|zorg jij voor|zorgt u dat|zorgt u ervoor dat|neem even de tijd om|het is de bedoeling dat je|het is de bedoeling dat u',
  combine(
    'hebt|heb|heeft|had|zou',
    'je|u|jullie',
    '|nog|even',
    'tijd|gelegenheid|de kans|kans gezien|een momentje',
    'om|gehad om|hebben om',
  ),
  combine('iemand|een van ons|een van jullie', 'moet|zou moeten'),
  combine('zou', 'je|u|jullie', 'het', 'erg|vervelend', 'vinden om'),
  'jij bent aan de beurt om|je bent aan de beurt om|u bent aan de beurt om|het is jouw beurt om|het is aan jou om|kom|met het verzoek|met verzoek',
  'zorg ervoor dat|zorg dat|zorgt u ervoor dat',
  combine('wees|weest u', 'zo', 'goed|vriendelijk|aardig|lief', '|om'),
  'het volstaat om|je hoeft alleen|u hoeft alleen|het is voldoende om',
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  'hebben we … nodig|hebben wij … nodig|heb ik … nodig|we hebben … nodig|wij hebben … nodig|ik heb … nodig',
  'we hebben nodig|wij hebben nodig|ik heb nodig|wij wachten op|we wachten op|ik wacht op|we wachten nog op|wij wachten nog op|ik wacht nog op|we missen nog|wij missen nog|wij ontvangen graag|we ontvangen graag|ik ontvang graag|graag ontvangen wij|graag ontvangen we|graag ontvang ik|graag ontvangst van|wij zien graag|we hebben|wij hebben|ik heb|wij verzoeken om|wij missen|er ontbreekt nog|er ontbreken nog|we zouden graag … ontvangen|graag ontvangen wij nog|wij verzoeken u om|we vragen om|wij hebben behoefte aan|we hebben nog|wij hebben nog|ik mis nog|mij ontbreekt|ons ontbreekt|we willen graag|wij willen graag|we zien graag|ik zie graag|nog nodig is|nog nodig zijn|wij wachten op uw',
  combine('ik|wij|we', 'zie|zien|reken|rekenen|kijk|kijken|hoop|hopen', '|graag|nog', 'op|naar|uit naar'),
  'ik zie uit naar|wij zien uit naar|we zien uit naar',
  combine('het zou', 'ons|mij|me', '|enorm|erg|zeer', 'helpen om'),
  combine('kan|kunnen|mag|mogen', 'ik|we|wij', 'erop rekenen dat ik|erop rekenen dat we|rekenen op'),
  'en heb … nodig|en hebben … nodig',
].join('|');
