import type { LanguageData } from './language-data.ts';

export const ko = {
  id: 'ko',
  name: 'Korean',
  script: /\p{Script=Hangul}/u,
  functionWords: '',
  referring: '',
  abbreviations: '',
  suspenders: '',
  closings: '감사합니다\\.?|고맙습니다\\.?|안녕히 (?:계세요|계십시오)\\.?',
  subjects: '제목',
  figures: '그림|표|사진|지도',
  sounds: '음악 박수 웃음 웃음소리 한숨 기침 침묵',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  page: {
    home: '홈|처음으로',
    rights: '무단 전재 및 재배포 금지|무단전재 및 재배포 금지|무단 전재 금지',
    marks: '편집|출처 필요',
    notes: '주',
    contents: '목차|차례',
    skips: '본문 바로가기|본문으로 바로가기|메뉴 바로가기|메뉴 열기|메뉴 닫기',
    buttons:
      '기사 공유|링크 복사|주소 복사|더 읽기|자세히 보기|댓글 쓰기|댓글 달기|맨 위로|장바구니에 담기|모두 동의|모두 거부',
    labels: `
      로그인|로그아웃|회원가입|구독하기|내 계정|마이페이지|많이 본 뉴스|최신 뉴스|최신 글|관련 기사|관련 글|추천 기사|이전 글|다음 글
      이전 페이지|다음 페이지|전체 보기|더 보기|더보기|회사 소개|문의하기|개인정보 처리방침|개인정보처리방침|이용약관|사이트맵|닫기
    `,
    menu: '메뉴|검색|뉴스|소식|공지사항|고객센터|도움말|연락처|자료실|한국어',
    beside: '댓글|다음|이전|편집|태그|목차',
    actions: '공유|공유하기|저장|인쇄|답글|답글 달기|듣기|좋아요|광고|스크랩',
    sections: '정치|경제|사회|국제|과학|건강|여행|도서|영화|음악|날씨|문화|스포츠|오피니언',
    counted: '개의 댓글|분 분량|답글',
    filed: '분류|카테고리|태그',
    elsewhere: '관련 기사|함께 읽기',
    more: '(?:관련|추천|최신|인기)(?: \\S+){1,3}',
  },
  dictionaries: [],
} as const satisfies LanguageData;
