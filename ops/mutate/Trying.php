<?php

declare(strict_types=1);

namespace Ops\Mutate;

use Symfony\Component\Process\Process;

/** One edit being tried: first by the tests that run through its line, then, when those pass, by all. */
final class Trying
{
    private const LONGEST_S = 400;

    /** A pattern longer than this is left out: whole classes are run then. */
    private const LONGEST_FILTER = 20_000;

    private Process $run;

    private bool $whole = false;

    /** @param  list<string>  $tests `Class::method` that run through its line, quick ones first */
    public function __construct(
        private readonly string $root,
        private readonly string $folder,
        public readonly Edit $edit,
        array $tests,
        private readonly bool $thenAll,
    ) {
        is_dir($folder) || mkdir($folder, 0o755, true);
        array_map(unlink(...), glob("$folder/*") ?: []);
        $this->lay();
        $this->run = $tests === [] ? $this->all() : $this->some($tests);
    }

    /** @return ?bool whether a test failed; null while they run */
    public function found(): ?bool
    {
        if ($this->run->isRunning()) {
            $this->run->checkTimeout();

            return null;
        }
        if ($this->run->getExitCode() !== 0) {
            return true;
        }
        if ($this->whole || ! $this->thenAll) {
            return false;
        }
        $this->run = $this->all();

        return null;
    }

    private function lay(): void
    {
        $source = $this->edit->applied((string) file_get_contents("$this->root/{$this->edit->file}"));
        if ($this->edit->class !== '') {
            file_put_contents("$this->folder/Edited.php", $source);

            return;
        }
        $rows = array_map(static fn (string $row): array => str_getcsv($row, ',', '"', ''), explode("\n", trim($source)));
        $header = array_map(strval(...), array_shift($rows));
        $laid = array_map(static fn (array $row): array => array_combine($header, $row), $rows);
        file_put_contents("$this->folder/limits.php", '<?php return '.var_export($laid, true).';');
    }

    /** @param  list<string>  $tests */
    private function some(array $tests): Process
    {
        $classes = [];
        foreach ($tests as $test) {
            [$class, $method] = explode('::', $test);
            $classes[$class][] = $method;
        }
        $file = static fn (string $class): string => 'core/tests/'.
            str_replace('\\', '/', substr($class, strlen('CleanRace\\Core\\Tests\\'))).
            '.php';
        $files = implode('', array_map(fn (string $class): string => "<file>$this->root/{$file($class)}</file>", array_keys($classes)));
        file_put_contents(
            "$this->folder/phpunit.xml",
            "<?xml version=\"1.0\"?><phpunit bootstrap=\"$this->root/ops/mutate/bootstrap.php\""
                .' cacheResult="false" failOnWarning="true">'.
                "<testsuites><testsuite name=\"some\">$files</testsuite></testsuites></phpunit>",
        );
        $named = array_map(
            static fn (string $class, array $methods): string => preg_quote($class, '/').'::(?:'.implode('|', $methods).')',
            array_keys($classes),
            $classes,
        );
        $filter = '/^(?:'.implode('|', $named).')\b/';

        return $this->start([
            ...strlen($filter) < self::LONGEST_FILTER ? ['--filter', $filter] : [],
            '-c',
            "$this->folder/phpunit.xml",
        ]);
    }

    private function all(): Process
    {
        $this->whole = true;

        return $this->start(['--testsuite', 'core', '--bootstrap', 'ops/mutate/bootstrap.php', '--do-not-cache-result']);
    }

    /** @param  list<string>  $how */
    private function start(array $how): Process
    {
        $edited = $this->edit->class === '' ? 'limits.php' : 'Edited.php';
        $run = new Process(
            [
                PHP_BINARY,
                '-d',
                'pcov.enabled=0',
                '-d',
                'memory_limit=1G',
                'vendor/bin/phpunit',
                '--stop-on-defect',
                '--no-progress',
                ...$how,
            ],
            $this->root,
            ['EDITED_FILE' => "$this->folder/$edited", 'EDITED_CLASS' => $this->edit->class, 'ERIS_SEED' => '1'],
            timeout: self::LONGEST_S,
        );
        $run->start();

        return $run;
    }
}
