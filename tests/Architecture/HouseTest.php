<?php

declare(strict_types=1);

namespace Tests\Architecture;

use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Tables\Table;
use Illuminate\Database\Eloquent\Attributes\Boot;
use Illuminate\Database\Eloquent\Attributes\Initialize;
use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** Which way the house may depend: resources/js → HTTP → app → core, and in core only along the order of the work. */
final class HouseTest extends TestCase
{
    use Sources;

    /** Rooms of the core in the order of the work, each of which may use those before it. */
    private const ORDER = [
        'Measure',
        'Tables',
        'Verdict',
        'Catalogue',
        'Notebook',
        'Tooling',
        'Sound',
        'Hub',
        'Steps',
        'Patterns',
        'Mechanics',
        'Checking',
        'Stripping',
        'Sizing',
        'Sourcing',
        'Seating',
        'Setting',
        'Proving',
        'Practice',
        'Job',
        'Calculators',
    ];

    private const MOST_FILES = 40;

    private const MOST_LINES = 285;

    /** Tables of cases are long and stay together. */
    private const MOST_LINES_OF_A_TEST = 380;

    private const WIDEST = 140;

    public function test_there_is_something_to_look_at(): void
    {
        self::assertGreaterThan(100, count(self::files('core/src', '/\.php$/')));
        self::assertGreaterThan(30, count(self::files('resources/js', '/\.tsx?$/')));
    }

    /** @return array<string, array<string, string>> namespaces of core that each namespace of it imports from, with a file that does */
    private static function imports(): array
    {
        $imports = [];
        foreach (self::files('core/src', '/\.php$/') as [$path, $source]) {
            preg_match('/^namespace CleanRace\\\\Core\\\\([\w\\\\]+);/m', $source, $own);
            preg_match_all('/(?:^use |[^\w\\\\])\\\\?CleanRace\\\\Core\\\\([\w\\\\]+)\\\\\w+/m', $source, $used);
            foreach (array_diff($used[1], [$own[1] ?? '']) as $other) {
                $imports[$own[1] ?? $path][$other] = $path;
            }
        }

        return $imports;
    }

    public function test_core_rooms_use_only_earlier_ones(): void
    {
        $place = static function (string $namespace): int {
            $at = array_search(explode('\\', $namespace)[0], self::ORDER, true);
            self::assertIsInt($at, "$namespace is in a room the house does not know.");

            return $at;
        };
        foreach (self::imports() as $room => $others) {
            foreach ($others as $other => $path) {
                self::assertLessThanOrEqual($place($room), $place($other), "$path uses $other, which comes later in the work.");
            }
        }
    }

    public function test_no_namespaces_of_core_use_each_other_in_a_ring(): void
    {
        $left = array_map(array_keys(...), self::imports());
        self::assertNotEmpty($left);
        // Whoever uses nobody that is left goes; what cannot go stands in a ring, or above one.
        while (($free = array_filter($left, static fn (array $uses): bool => array_intersect($uses, array_keys($left)) === [])) !== []) {
            $left = array_diff_key($left, $free);
        }
        self::assertSame([], $left);
    }

    public function test_core_knows_no_framework_no_database_no_clock_and_no_chance(): void
    {
        foreach (self::files('core/src', '/\.php$/') as [$path, $source]) {
            self::assertDoesNotMatchRegularExpression('/\b(Illuminate|App|Laravel|Symfony)\\\\/', $source, $path);
            self::assertDoesNotMatchRegularExpression(
                '/(?<![\w>:$])(time|microtime|date|rand|mt_rand|random_int|getenv|file_put_contents|curl_init)\s*\(/',
                $source,
                $path,
            );
            self::assertDoesNotMatchRegularExpression('/\b(PDO|DateTimeImmutable|DateTime)\b/', $source, $path);
            self::assertStringContainsString('declare(strict_types=1);', $source, $path);
        }
    }

    public function test_core_classes_are_final_or_contracts(): void
    {
        foreach (self::files('core/src', '/\.php$/') as [$path, $source]) {
            self::assertMatchesRegularExpression('/^(final (readonly )?class|enum|interface) /m', $source, $path);
        }
    }

    public function test_the_app_reads_no_request_outside_http(): void
    {
        foreach (self::files('app', '/\.php$/') as [$path, $source]) {
            if (! str_starts_with($path, 'app/Http') && ! str_starts_with($path, 'app/Documents')) {
                self::assertDoesNotMatchRegularExpression('/^use App\\\\Http\\\\(?!Conflicts)/m', $source, "$path reaches into HTTP.");
            }
        }
    }

    public function test_the_shop_is_kept_to_its_own_in_one_place(): void
    {
        $scopes = array_filter(self::files('app', '/\.php$/'), static fn (array $f): bool => str_contains($f[1], 'addGlobalScope'));
        self::assertSame(['app/Models/Concerns/BelongsToShop.php'], array_column(array_values($scopes), 0));
        foreach (self::files('app/Models', '/\.php$/') as [$path, $source]) {
            if (str_contains($source, 'extends Model') && ! str_contains($source, 'class Shop ')) {
                self::assertStringContainsString('use BelongsToShop;', $source, $path);
            }
        }
    }

    public function test_no_model_has_what_booting_by_name_passes_over(): void
    {
        foreach (self::files('app/Models', '/\.php$/') as [$path, $source]) {
            if (preg_match('/ extends (Model|Authenticatable)\b/', $source) !== 1) {
                continue;
            }
            self::assertStringContainsString('use BootsByName;', $source, $path);
            /** @var class-string $model */
            $model = 'App\\Models\\'.basename($path, '.php');
            foreach ((new ReflectionClass($model))->getMethods() as $method) {
                self::assertSame(
                    [],
                    [...$method->getAttributes(Boot::class), ...$method->getAttributes(Initialize::class)],
                    "$model::{$method->getName()}",
                );
            }
        }
    }

    public function test_a_folder_is_one_room_a_file_one_thing_and_a_line_one_breath(): void
    {
        $full = [];
        foreach (['core/src', 'core/trial', 'core/tests', 'app', 'tests', 'resources/js', 'database', 'ops'] as $root) {
            foreach (self::files($root, '/\.(php|tsx?|mjs|sh)$/') as [$path, $source]) {
                $full[dirname($path)] = ($full[dirname($path)] ?? 0) + 1;
                $most = str_contains($path, 'tests/') ? self::MOST_LINES_OF_A_TEST : self::MOST_LINES;
                self::assertLessThanOrEqual($most, substr_count($source, "\n"), "$path: is it one thing?");
                foreach (explode("\n", $source) as $i => $line) {
                    self::assertLessThanOrEqual(self::WIDEST, mb_strlen($line), "$path:".($i + 1).' is too wide to read.');
                }
            }
        }
        foreach ($full as $folder => $files) {
            self::assertLessThanOrEqual(self::MOST_FILES, $files, "$folder holds $files files: is it one room?");
        }
    }

    public function test_tests_of_core_lie_where_the_code_lies(): void
    {
        $folders = static fn (string $root): array => array_unique(
            array_map(static fn (array $f): string => substr(dirname($f[0]), strlen($root)), self::files($root, '/\.php$/')),
        );
        self::assertSame([], array_values(array_diff($folders('core/tests'), ['', '/Trial'], $folders('core/src'))));
    }

    public function test_the_address_of_a_place_is_put_together_in_one_file(): void
    {
        $rooms = implode(
            '|',
            array_unique(array_map(static fn (array $row): string => explode('.', $row['address'])[0], Table::rows('places'))),
        );
        foreach ([...self::files('core/src', '/\.php$/'), ...self::files('app', '/\.php$/')] as [$path, $source]) {
            if (str_contains($path, '/Notebook/')) {
                continue;
            }
            $before = '';
            foreach (token_get_all($source) as $token) {
                [$kind, $text, $line] = is_array($token) ? $token : [null, $token, 0];
                // A step has a name of its own that may read like a place.
                if (! str_ends_with($before, 'Step::of(') && ! str_ends_with($before, 'Step::of("')) {
                    self::assertFalse(
                        $kind === T_CONSTANT_ENCAPSED_STRING && PlaceTable::find(substr($text, 1, -1)) !== null,
                        "$path:$line writes the place $text itself.",
                    );
                    self::assertFalse(
                        $kind === T_ENCAPSED_AND_WHITESPACE && preg_match("/^($rooms)\\./", $text) === 1,
                        "$path:$line puts a place together itself: $text.",
                    );
                }
                $before = substr($before.trim($text), -12);
            }
        }
    }

    public function test_a_hub_pattern_is_added_by_its_file_alone(): void
    {
        $root = dirname(__DIR__, 2).'/';
        // No other file names a pattern: what works for those there works for one that is not there yet.
        $patterns = array_map(
            static fn (array $f): string => basename($f[0], '.php'),
            self::files('core/src/Patterns/Hubs', '/\.php$/'),
        );
        $ids = array_map(
            static fn (string $p): string => strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $p)),
            array_filter($patterns, static fn (string $p): bool => $p !== 'Spindle'),
        );
        $cases = [...self::files('core/src', '/\.php$/'), ...self::files('app', '/\.php$/'), ...self::files('resources/js', '/\.tsx?$/')];
        foreach ($cases as [$path, $source]) {
            if (! str_starts_with($path, 'core/src/Patterns/Hubs/')) {
                self::assertDoesNotMatchRegularExpression(
                    '/[\'"]('.implode('|', $ids).')[\'"]/',
                    $source,
                    "$path names a pattern.",
                );
                self::assertDoesNotMatchRegularExpression(
                    '/\b('.implode('|', $patterns).')\b(?=::|;| implements)/',
                    preg_replace('~/\*.*?\*/~s', '', $source) ?? '',
                    "$path names a pattern.",
                );
            }
        }
        // And one that is really added is found, opened, drawn and taken apart.
        $file = $root.'core/src/Patterns/Hubs/ThrowawayHub.php';
        $source = str_replace(
            ['PairSleeve', "'pair-sleeve'", 'Two cartridges and a loose spacer tube'],
            ['ThrowawayHub', "'throwaway-hub'", 'A hub for a test'],
            (string) file_get_contents($root.'core/src/Patterns/Hubs/PairSleeve.php'),
        );
        file_put_contents($file, $source);
        try {
            $script = <<<'PHP'
            require $argv[1].'vendor/autoload.php';
            $pattern = CleanRace\Core\Patterns\HubPatterns::all()['throwaway-hub'];
            $notebook = new CleanRace\Core\Notebook\Notebook([]);
            $bench = new CleanRace\Core\Patterns\Bench($pattern, $notebook, [], null, CleanRace\Core\Tooling\DrawBolt::M12);
            $report = (new CleanRace\Core\Job\WheelJob(CleanRace\Core\Tables\Limits::standard()))->report($bench);
            $name = CleanRace\Core\Patterns\HubPatterns::find('throwaway-hub')->card()->name;
            $steps = $report->stations[1]->steps;
            echo json_encode([$name, count($report->section->pieces), count($steps), count($report->hub->faults)]);
            PHP;
            exec(PHP_BINARY.' -r '.escapeshellarg($script).' -- '.escapeshellarg($root).' 2>&1', $said);
        } finally {
            unlink($file);
        }
        $usual = json_decode($said[0] ?? '', true);
        self::assertIsArray($usual, implode("\n", $said));
        self::assertSame(['A hub for a test', 10, 13, 0], $usual);
    }
}
