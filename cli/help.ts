export const HELP = `lattice advise FILE --iron ID [options]
lattice read FILE [--json]
lattice scale FILE --by N [--json]

How much batter per load, how hot and how long, for one batter on one iron.

FILE is a plain-text ingredient list (one a line), an exported kitchen file, or a schema.org Recipe (JSON-LD).

  --iron ID          wafer, ball-pan, thin-round, thin-square-4, deep-round, mini, or an iron of the kitchen file
  --formula ID       which recipe of a kitchen file (needed when it holds several)
  --altitude M       metres, -430 to 5500; default 0, or the kitchen's
  --setting °C       plate temperature; default: as the kitchen has settled on, or where colour and crispness come together
  --portion G        grams of the whole load; default: as the kitchen has settled on, or what fills
  --time S           seconds closed; default: as the kitchen has settled on, or the best moment
  --batter °C        batter temperature, 0 to 50; default 20
  --cup STANDARD     us, label, metric, imperial or au; default us, or the kitchen's
  --tawny N          colour wanted, in steps, 1 to 8; default 4, wafers 2
  --crisp N          crispness wanted, 1 to 5; default: as it comes at a middling setting
  --lightness N      lightness wanted, 1 (airy) to 5 (dense); default: as it comes
  --turn S           when a pan is turned over, seconds from the closed lid; default: at once
  --load N           which load of a row, from 1; default 1
  --preheat S        seconds the iron has been on; default: long enough
  --as-new           ignore this iron's loads in the kitchen file
  --json             print one JSON object, schema tawny-lattice/advice@2 (docs/advice.schema.json)
  --by N             with scale: so many times as much, 0.01 to 1000
  --help             this text

read prints what is understood of a recipe: its lines in grams, what its steps ask for, what it says of itself. scale prints the
same N times as large, with the amounts in its steps. With --json: schema tawny-lattice/recipe@1 (docs/recipe.schema.json).

From a kitchen file, the loads logged on the iron count, as on the screen; how many is said under "Basis".
A flour cup is taken as 125 g (US cup). With --json, standard output holds nothing but the object, and nothing at all
unless the exit code is 0; what isn't understood is named on standard error.

Exit codes: 0 an answer; 1 no portion or time can be computed; 2 bad usage or an unreadable file.
`;
