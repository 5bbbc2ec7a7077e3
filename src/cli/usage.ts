import { STRATEGIES } from '../core/diagnosis';

/** What `probe` prints of itself. */
export const usage = `usage: probe diagnose CASE.json [--json]
       probe export-model CASE.json --json [--faults 1|2]
       probe verify CASE.json [--paper HASH] [--json]
       probe simulate [--strategy NAME] [--cases N] [--seed S] [--json]
       probe replay --fault FAULT@PART [--fault ...] [--machine CASE.json] [--strategy NAME] [--seed S] [--json]
       probe stick make --image [VERSION=]FILE [--image ...] --name NAME [--original NAME] [--sha256 HEX]
                        --size 64MiB --out OUT.img[.gz]|DEVICE [--yes-erase DEVICE] [--json]
       probe stick check STICK.img[.gz]|DEVICE --name NAME[,NAME ...] [--bytes N] [--sha256 HEX] [--board BOARD.json] [--json]
       probe firmware inspect FILE [--name NAME[,NAME ...]] [--bytes N] [--sha256 HEX] [--json]
       probe firmware plan --board BOARD.json [--from VERSION] --goal newest|support:CPU|fix:WORDS|version:V
                           [--revision R] [--soak-days N] [--allow-irreversible]
                           [--ready-for CPU] [--ran CPU] [--made YYYY-MM-DD] [--json]
       probe signals listen FILE.wav [--json]
       probe signals decode --board BOARD.json [--beeps "L S S"] [--code 55] [--lights LABEL,LABEL:blinks]
                [--sequence LABEL,LABEL] [--json]
       probe power budget FILE.json [--json]
       probe power trace TRACE.csv --label WATTS [--json]

  diagnose      ranked suspects, evidence, doubts and next trials for an exported or hand-written case file
  export-model  hypotheses, trials and outcome probabilities in the case's present configuration
  verify        whether the record is as it was written, and whether a paper was made of it; exit code 1 if not
  simulate      plays faulty machines by one strategy: ${STRATEGIES.join(', ')}
  replay        the whole conversation of the tool with a technician at a machine with these faults
  stick         makes a stick for a bare-board flash as a raw image; judges one
  firmware      tells what a downloaded file is; plans which releases to install, in which order
  signals       hears the beeps of a board in a recording; exit code 1 if there is none;
                what codes, beeps and lights mean on a board
  power         what a machine draws against its supply and leads; a wall meter's trace against the label;
                exit code 1 if the supply is too small, a chain unsafe, or it cut out
`;
