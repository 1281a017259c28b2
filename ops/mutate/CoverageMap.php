<?php

declare(strict_types=1);

namespace Ops\Mutate;

use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;
use Symfony\Component\Process\Process;

/** Which tests of core run through which line, and how long each class of tests takes. Made anew when core changed. */
final readonly class CoverageMap
{
    /**
     * @param  array<string, array<int, list<int>>>  $lines numbers of tests by file below the root and line
     * @param  list<string>  $tests `Class::method`
     * @param  array<string, float>  $seconds by class
     */
    private function __construct(private array $lines, private array $tests, private array $seconds)
    {
    }

    public static function of(string $root, string $folder): self
    {
        $stamp = self::stamp($root);
        $kept = is_file("$folder/map.json") ? json_decode((string) file_get_contents("$folder/map.json"), true) : null;
        if (! is_array($kept) || $kept['stamp'] !== $stamp) {
            $kept = ['stamp' => $stamp] + self::make($root, $folder);
            file_put_contents("$folder/map.json", json_encode($kept, JSON_THROW_ON_ERROR));
        }

        return new self($kept['lines'], $kept['tests'], $kept['seconds']);
    }

    /** @return list<string> `Class::method` of tests that run through one of these lines, quick classes first */
    public function through(string $file, int ...$lines): array
    {
        $found = [];
        foreach ($lines as $line) {
            foreach ($this->lines[$file][$line] ?? [] as $test) {
                $found[$this->tests[$test]] = true;
            }
        }
        $tests = array_keys($found);
        usort($tests, fn (string $a, string $b): int => $this->takes($a) <=> $this->takes($b) ?: strcmp($a, $b));

        return $tests;
    }

    private function takes(string $test): float
    {
        return $this->seconds[explode('::', $test)[0]] ?? 0.0;
    }

    /** @return array{lines: array<string, array<int, list<int>>>, tests: list<string>, seconds: array<string, float>} */
    private static function make(string $root, string $folder): array
    {
        echo "Mapping which tests run through which line\n";
        $run = new Process(
            [
                PHP_BINARY,
                '-d',
                'pcov.enabled=1',
                '-d',
                "pcov.directory=$root/core/src",
                '-d',
                'memory_limit=3G',
                'vendor/bin/phpunit',
                '--testsuite',
                'core',
                '--coverage-php',
                "$folder/coverage.php",
                '--log-junit',
                "$folder/junit.xml",
            ],
            $root,
            ['ERIS_SEED' => '1'],
            timeout: null,
        );
        if ($run->run() !== 0) {
            throw new RuntimeException("The tests of core do not pass as they are:\n".$run->getOutput().$run->getErrorOutput());
        }
        /** @var CodeCoverage $coverage */
        $coverage = require "$folder/coverage.php";
        unlink("$folder/coverage.php");
        [$lines, $numbers] = [[], []];
        foreach ($coverage->getData()->lineCoverage() as $path => $covered) {
            $file = substr($path, strlen($root) + 1);
            foreach ($covered as $line => $ids) {
                $tests = array_unique(array_map(static fn (string $id): string => (string) strtok($id, '# '), $ids ?? []));
                foreach ($tests as $test) {
                    $lines[$file][$line][] = $numbers[$test] ??= count($numbers);
                }
            }
        }
        $seconds = [];
        foreach ((simplexml_load_file("$folder/junit.xml") ?: null)?->xpath('//testcase') ?: [] as $case) {
            $class = (string) $case['class'];
            $seconds[$class] = ($seconds[$class] ?? 0.0) + (float) $case['time'];
        }

        return ['lines' => $lines, 'tests' => array_keys($numbers), 'seconds' => $seconds];
    }

    private static function stamp(string $root): string
    {
        $files = (string) shell_exec(
            'cd '.escapeshellarg($root).' && find core phpunit.xml -type f -print0 | LC_ALL=C sort -z | xargs -0 sha1sum',
        );

        return sha1($files);
    }
}
