import type { Command, Option } from 'commander';
import { BUILT_IN_STYLES, PASSES } from '../core/index.ts';

export const SHELLS = ['bash', 'zsh', 'fish'] as const;

export type Shell = (typeof SHELLS)[number];

/** A script for a shell that completes options and what they take; all else is a file. Made of the options themselves. */
export function completionFor(shell: Shell, command: Command): string {
  const options = command.createHelp().visibleOptions(command);
  const commands = command.parent!.commands.map((one) => one.name());
  return WRITERS[shell](options, commands);
}

const WRITERS: Readonly<Record<Shell, (options: readonly Option[], commands: readonly string[]) => string>> = {
  bash: (options, commands) => `# bash completion: source <(lucid-ribbon completion bash)
_lucid_ribbon() {
  local word="\${COMP_WORDS[COMP_CWORD]}" before="\${COMP_WORDS[COMP_CWORD-1]}"
  COMPREPLY=()
  if [ "$COMP_CWORD" -eq 1 ]; then COMPREPLY=($(compgen -W "${commands.join(' ')}" -- "$word")); return; fi
  case "$before" in
${options.flatMap((one) => (valuesOf(one).length > 0 ? `    ${one.long}) COMPREPLY=($(compgen -W "${valuesOf(one).join(' ')}" -- "$word")) ;;` : [])).join('\n')}
    *) [[ "$word" == -* ]] && COMPREPLY=($(compgen -W "${options.map(({ long }) => long).join(' ')}" -- "$word")) ;;
  esac
}
complete -o default -o bashdefault -F _lucid_ribbon lucid-ribbon
`,
  zsh: (options, commands) => `#compdef lucid-ribbon
# zsh completion: source <(lucid-ribbon completion zsh)
_lucid_ribbon() {
  if (( CURRENT == 2 )); then compadd ${commands.join(' ')}; return; fi
  shift words; (( CURRENT-- ))
  _arguments \\
${options.map((one) => `    '${isRepeated(one) ? '*' : ''}${one.long}[${zshWords(one.description)}]${zshValue(one)}' \\`).join('\n')}
    '*:input:_files'
}
compdef _lucid_ribbon lucid-ribbon
`,
  fish: (options, commands) => `# fish completion: lucid-ribbon completion fish | source
complete -c lucid-ribbon -n __fish_use_subcommand -f -a '${commands.join(' ')}'
${options.map((one) => `complete -c lucid-ribbon -n '__fish_seen_subcommand_from clean' -l ${one.long!.slice(2)}${one.required ? ' -r' : ''}${fishValues(one)} -d '${one.description.replace(/['\\]/g, '\\$&')}'`).join('\n')}
`,
};

/** What an option takes, where that is one of a few things. */
function valuesOf({ argChoices, long }: Option): readonly string[] {
  if (argChoices) return argChoices;
  if (long === '--style') return BUILT_IN_STYLES.map(({ id }) => id);
  return long === '--on' || long === '--off' ? PASSES.map(({ id }) => id) : [];
}

function isRepeated({ long }: Option): boolean {
  return ['--style', '--on', '--off', '--shape'].includes(long!);
}

function zshWords(words: string): string {
  return words.replace(/'/g, `'\\''`).replace(/[[\]:]/g, '\\$&');
}

function zshValue(option: Option): string {
  const values = valuesOf(option);
  if (values.length > 0) return `:${option.name()}:(${values.join(' ')})`;
  return option.required ? `:${option.name()}:_files` : '';
}

function fishValues(option: Option): string {
  const values = valuesOf(option);
  // A style may be a file.
  const isClosed = option.long !== '--style';
  return values.length > 0 ? `${isClosed ? ' -f' : ''} -a '${values.join(' ')}'` : '';
}
