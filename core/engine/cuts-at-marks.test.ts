import { expect, test } from '@jest/globals';
import { clean } from '../cleaning/clean.ts';
import { cleanText } from '../cleaning/output.ts';
import { DEFAULT_STYLE } from '../style/style.ts';
import { wrapSigns } from '../testing/typeset.ts';

/*
 * Pages of Chinese and Japanese whose extractor took the narrow space between two marks for the end of a line.
 */

const TEXTS: Readonly<Record<string, readonly string[]>> = {
  zh: [
    '灯塔的日志里有一页专门写玻璃（第三章也提到过），看守人把它叫做“大眼睛”。这块玻璃是从南方运来的，路上走了四十天，箱子上写着“小心轻放”，可是没有人照着做。',
    '到了港口，搬运工打开箱子（那时候正下着雨），只看见一层稻草和一张“收据”。看守人没有说话，他把稻草一根一根拿开，最后摸到了玻璃的边。',
    '“它还在”，他写道，“一个角也没有少”。后来有人问他为什么不发火（换了别人早就发火了），他说海上的人只为风发火。',
    '镇上的孩子给这块玻璃起了好几个名字，例如“月亮”、“大碗”和“老鱼”。最后留下来的是“老鱼”，因为它在雾里看起来像一条不肯睡觉的鱼（至少看守人的女儿这么说）。',
    '现在的灯用的是电，玻璃放在陈列室里。牌子上写着“请勿触摸”，下面有人用铅笔加了一句：“它也不喜欢”。',
    '看守人的儿子后来在城里开了一家钟表店，店里挂着一张灯塔的图。客人问起来，他就说那是他父亲的另一只钟，走得比所有的钟都准，因为它只报一件事，而且从来不报错。',
    '有一年冬天，海面结了薄冰，船都停在港里，灯还是照常点着。邻居问他点给谁看，看守人想了很久，说点给冰看，冰知道上面有光就不会走得太远。这句话后来印在镇上的年历里，和潮水的时刻印在同一页。',
    '玻璃一共洗过九次，每次都要六个人抬，两个人在下面看着，一个人在门口数数。数数的人最要紧，因为抬的人看不见脚下的台阶，只能听他的声音。第九次数数的是看守人的女儿，那时她才十二岁，声音却比谁都大。',
    '每年五月，看守人的孙女回来擦一次。她用的还是那块旧布（据说是用船帆改的），擦完以后在日志里写上日期和一个字：“亮”。',
  ],
  ja: [
    '灯台の日誌には硝子だけのための頁がある（三章にも出てくる）。番人はそれを「大きな目」と呼んでいた。南から四十日かけて運ばれ、箱には「取扱注意」とあったが、その通りにした者はいない。',
    '港に着くと人足が箱を開けた（雨が降っていた）。見えたのは藁と、一枚の「受取」だけだった。番人は何も言わずに藁を一本ずつ取り、やがて硝子の縁に触れた。',
    '日誌には「まだあった」、続けて「角ひとつ欠けていない」とある。なぜ怒らなかったのかと聞かれると（ほかの者ならとうに怒っていた）、海の者は風にしか怒らないと答えたそうだ。',
    '町の子供たちは硝子にいくつも名前をつけた。たとえば「月」、「大鉢」、「老魚」などである。残ったのは「老魚」で、霧の中では眠ろうとしない魚に見えるからだという（少なくとも番人の娘はそう言った）。',
    '今の灯は電気で、硝子は陳列室に置かれている。札には「手を触れないこと」とあり、その下に誰かが鉛筆で「硝子も嫌がる」と書き足した。',
    '番人の息子はのちに町で時計屋を開き、店に灯台の絵を掛けた。客に聞かれると、あれは父のもう一つの時計で、どの時計よりも正しく動く、ひとつのことしか知らせず、まだ一度も間違えたことがないからだと答えた。',
    'ある冬は海に薄い氷が張り、船はみな港にとどまったが、灯はいつものようにともされた。誰に見せるのかと隣の人に聞かれて番人は長いあいだ考え、氷に見せる、上に光があると知れば氷もあまり遠くへは行かないだろうと言った。この言葉はのちに町の暦に載り、潮の時刻と同じ頁に印刷された。',
    '硝子は全部で九度洗われた。そのたびに六人で運び、二人が下で見張り、一人が戸口で数を数えた。いちばん大事なのは数える者で、運ぶ者には足もとの段が見えず、その声だけが頼りだった。九度目に数えたのは番人の娘で、まだ十二だったが、声は誰よりも大きかった。',
    '毎年五月に番人の孫が来て一度だけ拭く。使うのは今も古い布で（船の帆を仕立て直したものらしい）、拭き終えると日誌に日付と一字だけを書く。「光」。',
  ],
};

/** Cuts a line wherever a mark that closes something, or one that opens something, stands beside another. */
function cut(line: string): string {
  return line.replace(/(?<=[」』）”、。，；：！？])(?=[」』）”、。，；：！？])|(?<=[「『（“])(?=[「『（“])/gu, '\n');
}

/** At these widths no paragraph ends in a full line, and no line is wider than all that were cut beside it. */
const COLUMNS: Readonly<Record<string, readonly number[]>> = { zh: [44, 60], ja: [52, 72] };

test.each(Object.keys(TEXTS))('lines that were cut between two marks are put together again: %s', (language) => {
  const meant = TEXTS[language]!;
  for (const columns of COLUMNS[language]!) {
    const source = meant.flatMap((paragraph) => wrapSigns(paragraph, columns).map(cut)).join('\n');
    expect(cleanText(clean(source, DEFAULT_STYLE)).split('\n\n')).toEqual(meant);
  }
});
