<?php

declare(strict_types=1);

namespace App\Console;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\NumberIndex;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Tables\Table;
use Illuminate\Console\Command;

/** Lays the trade's tables ready as PHP beside the other caches, where OPcache keeps them in memory. */
final class BenchTables extends Command
{
    protected $signature = 'bench:tables';

    protected $description = "Lay the trade's tables ready for serving";

    public function handle(): int
    {
        $folder = self::folder();
        is_dir($folder) || mkdir($folder, 0o755, true);
        Table::readyIn(null);
        @unlink("$folder/stamp.php");
        foreach (Table::names() as $name) {
            self::lay("$folder/$name.php", Table::rows($name));
        }
        foreach (self::indexes() as $name => $index) {
            self::lay("$folder/index.$name.php", $index);
        }
        // Last: what was laid half is not used.
        self::lay("$folder/stamp.php", Table::stamp());

        return self::SUCCESS;
    }

    /** @return array<string, array<int|string, mixed>> by name */
    public static function indexes(): array
    {
        return [
            'bearings' => BearingTable::byNumber(),
            'holes' => BearingTable::byHole(),
            'sizes' => BearingTable::bySize(),
            'numbers' => NumberIndex::make(),
            'places' => PlaceTable::index(),
        ];
    }

    /** @param  array<int|string, mixed>|string  $content */
    private static function lay(string $file, array|string $content): void
    {
        file_put_contents($file, '<?php return '.var_export($content, true).';', LOCK_EX);
    }

    public static function folder(): string
    {
        return storage_path('framework/tables');
    }
}
