import { describe, expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { wrap } from '../testing/typeset.ts';

const paragraphs = (source: string) => cleanText(clean(source, { ...DEFAULT_STYLE, apart: 'line' })).split('\n');

/** Two paragraphs each, about the mill and its keeper. */
const TEXTS: Readonly<Record<string, readonly string[]>> = {
  Arabic: [
    'كانت الطاحونة القديمة تقف على ضفة النهر منذ زمن بعيد، وكان صاحبها يفتح البوابة مرتين في اليوم عندما يرتفع الماء، ثم ينتظر حتى تمتلئ البركة خلف الجدار قبل أن يدير العجلة الكبيرة بيده. ولم يكن أحد يعرف متى بنيت.',
    'وفي المساء كان الأطفال يجلسون قرب الجدار وينظرون إلى السفن الصغيرة وهي تعود من البحر، وكان الحارس يشعل المصباح في البرج ويكتب في دفتره حالة الريح والماء، ثم يغلق الباب وينام حتى الفجر.',
  ],
  Hebrew: [
    'הטחנה הישנה עמדה על גדת הנהר זמן רב מאוד, ובעל הטחנה פתח את השער פעמיים ביום כאשר המים עלו, ואחר כך חיכה עד שהבריכה מאחורי הקיר התמלאה לפני שסובב את הגלגל הגדול בידו. איש לא ידע מתי נבנתה.',
    'בערב ישבו הילדים ליד הקיר והביטו בסירות הקטנות החוזרות מן הים, והשומר הדליק את המנורה במגדל וכתב בפנקסו את מצב הרוח והמים, ואחר כך סגר את הדלת וישן עד הבוקר.',
  ],
  German: [
    'Die alte Mühle stand seit langer Zeit am Fluss, und der Müller öffnete das Tor zweimal am Tag, wenn das Wasser stieg, und wartete dann, bis der Teich hinter der Mauer voll war, bevor er das große Rad mit der Hand drehte. Niemand wusste, wann sie gebaut worden war.',
    'Am Abend saßen die Kinder an der Mauer und sahen den kleinen Booten zu, die vom Meer zurückkamen, und der Wächter zündete die Lampe im Turm an und schrieb in sein Buch, wie Wind und Wasser standen.',
  ],
  French: [
    'Le vieux moulin se tenait depuis longtemps au bord de la rivière, et le meunier ouvrait la porte deux fois par jour quand l’eau montait\u00a0; puis il attendait que l’étang fût plein derrière le mur avant de tourner la grande roue à la main. Qui donc l’avait bâti\u00a0?',
    'Le soir, les enfants s’asseyaient près du mur et regardaient les petits bateaux revenir de la mer, et le gardien allumait la lampe dans la tour et notait dans son livre l’état du vent et de l’eau.',
  ],
  Russian: [
    'Старая мельница давно стояла на берегу реки, и мельник открывал ворота два раза в день, когда поднималась вода, а потом ждал, пока пруд за стеной не наполнится, прежде чем повернуть большое колесо рукой. Никто не знал, когда её построили.',
    'Вечером дети сидели у стены и смотрели, как маленькие лодки возвращаются с моря, а сторож зажигал лампу в башне и записывал в книгу, каковы ветер и вода, потом закрывал дверь и спал до утра.',
  ],
};

describe.each(Object.entries(TEXTS))('%s', (_language, texts) => {
  const lines = texts.map((text) => wrap(text, 48, false));

  test('wrapped lines are joined, blank lines part paragraphs', () => {
    expect(paragraphs(lines.map((paragraph) => paragraph.join('\n')).join('\n\n'))).toEqual(texts);
  });

  test('an indent parts paragraphs', () => {
    const four = [...lines, ...lines];
    expect(paragraphs(four.map((paragraph) => `   ${paragraph.join('\n')}`).join('\n'))).toEqual([...texts, ...texts]);
  });
});

describe('scripts without spaces', () => {
  const text =
    '古い水車小屋は長いあいだ川の岸に立っていて、粉屋は水が上がると一日に二度門を開け、壁の後ろの池がいっぱいになるまで待ってから、大きな車輪を手で回した。いつ建てられたのかは誰も知らない。';
  const lines = text.match(/.{1,24}/gu)!;

  test('Japanese lines are joined without a space', () => {
    expect(paragraphs(`${lines.join('\n')}\n\n${lines.join('\n')}`)).toEqual([text, text]);
  });

  test('Korean lines are joined with one', () => {
    const korean =
      '오래된 물레방아는 오랫동안 강가에 서 있었고 방앗간 주인은 물이 오르면 하루에 두 번 문을 열고 담 뒤의 연못이 가득 찰 때까지 기다렸다가 큰 바퀴를 손으로 돌렸다. 언제 지어졌는지는 아무도 모른다.';
    const wrapped = wrap(korean, 26, false).join('\n');
    expect(paragraphs(`${wrapped}\n\n${wrapped}`)).toEqual([korean, korean]);
  });
});
