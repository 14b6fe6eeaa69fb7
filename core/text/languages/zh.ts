import type { LanguageData } from './language-data.ts';

export const zh = {
  id: 'zh',
  name: 'Chinese',
  script: /\p{Script=Han}/u,
  functionWords: '',
  referring: '',
  abbreviations: '',
  suspenders: '',
  closings: '此致|敬礼|敬禮|祝(?:您|你)?(?:好|安好|健康|顺利|愉快)|顺祝(?:商祺|安好)|顺颂(?:商祺|时祺)|谢谢|謝謝',
  subjects: '主题|主題|主旨',
  figures: '图|圖|表|照片',
  sounds: '音乐 音樂 掌声 掌聲 笑声 笑聲 叹气 嘆氣 咳嗽 沉默',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  wide: true,
  page: {
    home: '首页|首頁',
    rights: '版权所有',
    marks: '编辑|編輯|来源请求|來源請求',
    notes: '注|註',
    contents: '目录|目錄|本页内容',
    skips: '跳转到内容|跳到主要内容|跳至內容',
    buttons:
      '阅读更多|閱讀更多|展开全文|分享本文|复制链接|發表評論|发表评论|返回顶部|回到頂部|加入购物车|全部接受|全部拒绝',
    labels:
      '登录|登入|退出|注册|註冊|我的账户|相关文章|相關文章|推荐阅读|热门文章|最新文章|上一篇|下一篇|上一页|下一页|隐私政策|隱私權政策|使用条款|网站地图|关于我们|關於我們|联系我们|聯絡我們',
    menu: '菜单|選單|搜索|搜尋|新闻|新聞|帮助|帮助中心|分类|归档',
    beside: '评论|目录|编辑',
    actions: '分享|收藏|打印|回复|点赞|广告|廣告',
    counted: '条评论|分钟阅读',
    filed: '分类|标签|標籤',
    elsewhere: '相关阅读|延伸阅读',
    more: '相关阅读|延伸阅读|推荐阅读',
  },
  dictionaries: [],
} as const satisfies LanguageData;
