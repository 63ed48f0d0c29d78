# Completion of haybale-cli for bash.
_haybale_cli() {
  local word=${COMP_WORDS[COMP_CWORD]} i command=""
  for ((i = 1; i < COMP_CWORD; i++)); do
    case ${COMP_WORDS[i]} in
      analyse|calc|synth|report|diagnose|session|simulate|demo|logbook|practice|scan) command=${COMP_WORDS[i]}; break ;;
    esac
  done
  case $command in
    "") COMPREPLY=($(compgen -W "analyse calc synth report diagnose session simulate demo logbook practice scan --help --version" -- "$word")) ;;
    logbook) COMPREPLY=($(compgen -W "--store put get find tally figures export import revisions sync check erase share shared take attach fetch" -- "$word") $(compgen -f -- "$word")) ;;
    scan) COMPREPLY=($(compgen -W "--doip --can --map codes clear speeds watch --seconds --anyway --json" -- "$word") $(compgen -f -- "$word")) ;;
    practice) COMPREPLY=($(compgen -W "list play --seed --json" -- "$word") $(compgen -f -- "$word")) ;;
    *) COMPREPLY=($(compgen -W "--help --json" -- "$word") $(compgen -f -- "$word")) ;;
  esac
}
complete -F _haybale_cli haybale-cli
