<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\MakeCode;
use App\Along\TakeShop;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Console\Command;

/** Takes in all of a shop that was taken along from elsewhere. */
final class ShopTakeIn extends Command
{
    protected $signature = 'shop:take-in {file : the ZIP that "Take everything along" wrote}';

    protected $description = 'Take in all of a shop from a file';

    public function handle(TakeShop $take, MakeCode $code): int
    {
        try {
            [$shop, $people] = $take((string) $this->argument('file'));
        } catch (InvalidInput $fault) {
            $this->error($fault->getMessage().' Nothing was taken in.');

            return self::FAILURE;
        }
        $this->line("{$shop->name} is here, with {$shop->last_job_number} jobs. Its people choose their passwords here:");
        foreach ($people as $person) {
            $this->line("{$person->name}: ".config('app.url').$code($person)[1]);
        }

        return self::SUCCESS;
    }
}
