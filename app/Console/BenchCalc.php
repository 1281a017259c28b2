<?php

declare(strict_types=1);

namespace App\Console;

use App\Calculators\Calculators;
use App\Calculators\InputFaults;
use App\Calculators\UnknownCalculator;
use App\Shapes\Json;
use Illuminate\Console\Command;

/** A calculator on the command line: JSON in, JSON out, no database. */
final class BenchCalc extends Command
{
    protected $signature = 'bench:calc {name : the calculator, such as press-force}';

    protected $description = 'Run a calculator: JSON on standard input, JSON on standard output';

    public function handle(Calculators $calculators): int
    {
        $given = json_decode((string) stream_get_contents(STDIN), true);
        if (! is_array($given)) {
            return $this->refuse([['field' => 'body', 'detail' => 'Standard input is not a JSON object.']]);
        }
        try {
            $this->say(Json::of($calculators->work((string) $this->argument('name'), $given)));

            return self::SUCCESS;
        } catch (InputFaults $faults) {
            return $this->refuse($faults->faults);
        } catch (UnknownCalculator $unknown) {
            return $this->refuse([['field' => 'name', 'detail' => $unknown->getMessage()]]);
        }
    }

    /** @param  list<array{field: string, detail: string}>  $errors */
    private function refuse(array $errors): int
    {
        $this->say(['errors' => $errors]);

        return self::FAILURE;
    }

    private function say(mixed $json): void
    {
        $this->output->write(
            (string) json_encode(
                $json,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            )."\n",
            false,
            $this->output::OUTPUT_RAW,
        );
    }
}
