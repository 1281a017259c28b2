<?php

declare(strict_types=1);

namespace App\Console;

use App\Documents\OpenApi;
use Illuminate\Console\Command;

/** Writes docs/openapi.json from the code, or says whether it is out of date. */
final class BenchOpenApi extends Command
{
    protected $signature = 'bench:openapi {--check : only say whether the file is up to date}';

    protected $description = 'Write docs/openapi.json from the code';

    public function handle(OpenApi $openApi): int
    {
        $file = base_path('docs/openapi.json');
        $made =
            json_encode(
                $openApi->document(),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
            )."\n";
        if ($this->option('check')) {
            $same = is_file($file) && file_get_contents($file) === $made;
            $same
                ? $this->info('docs/openapi.json is up to date.')
                : $this->error('docs/openapi.json is out of date: run php artisan bench:openapi.');

            return $same ? self::SUCCESS : self::FAILURE;
        }
        file_put_contents($file, $made);

        return self::SUCCESS;
    }
}
