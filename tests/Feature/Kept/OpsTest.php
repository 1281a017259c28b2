<?php

declare(strict_types=1);

namespace Tests\Feature\Kept;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** What the scripts of a server hold: nothing that others read, one of each, and what dies begins again. */
final class OpsTest extends TestCase
{
    private string $state;

    private string $root;

    protected function setUp(): void
    {
        $this->root = dirname(__DIR__, 3);
        $this->state = sys_get_temp_dir().'/clean-race-ops-'.bin2hex(random_bytes(4));
        mkdir($this->state, 0711);
    }

    protected function tearDown(): void
    {
        (new Process([$this->root.'/ops/postgres', 'down', $this->state.'/pg']))->run();
        (new Process(['rm', '-rf', $this->state]))->run();
    }

    private function bash(string $script): string
    {
        $where = ['CLEAN_RACE_STATE' => $this->state, 'DATABASE_URL' => false];
        $process = new Process(['bash', '-uc', $script], $this->root, $where, timeout: 60);
        $process->run();

        return $process->getOutput().$process->getErrorOutput();
    }

    public function test_a_second_start_says_that_it_runs_already_and_where(): void
    {
        $other = new Process(['bash', '-c', 'exec -a ./start sleep 60']);
        $other->start();
        mkdir($this->state.'/app');
        file_put_contents($this->state.'/app/running', "{$other->getPid()} http://127.0.0.1:8099\n");
        self::assertStringContainsString('Clean Race runs here already:  http://127.0.0.1:8099', $this->bash('./start --demo --port 8098'));
        $other->stop(0);
        // What was left behind by one that is gone stands in nobody's way.
        self::assertSame("free\n", $this->bash('source ops/lib.sh; runs_already app; echo free'));
    }

    public function test_a_cluster_that_was_killed_begins_again_on_its_port(): void
    {
        $up = fn (): string => $this->bash("ops/postgres up {$this->state}/pg; cat {$this->state}/pg/port");
        $port = $up();
        $pid = (int) file_get_contents($this->state.'/pg/data/postmaster.pid');
        $this->bash("ops/postgres kill {$this->state}/pg");
        self::assertSame($port, $up());
        self::assertNotSame($pid, (int) file_get_contents($this->state.'/pg/data/postmaster.pid'));
    }

    public function test_what_is_kept_is_nobody_elses_to_read_and_the_owner_nothing_that_serves(): void
    {
        $said = $this->bash('source ops/lib.sh
            export DB_HOST=127.0.0.1 DB_PORT=1 DB_DATABASE=x DB_USERNAME=worker DB_PASSWORD=secret
            export DB_OWNER_USERNAME=owner DB_OWNER_PASSWORD=hidden
            STATE=$CLEAN_RACE_STATE; app_env ops-test 8097; artisan config:clear -q; warm_caches
            serve ops-test 8097; sed -n "/^env/p" $RUN/ops-test/fpm.conf; stat -c "%a %n" $RUN/ops-test/fpm.conf; stop_all
            find $CLEAN_RACE_STATE/ops-test -perm /077 | head; echo "--"; cat $CLEAN_RACE_STATE/ops-test/cache/config.php');
        self::assertStringContainsString('env[DB_USERNAME] = "worker"', $said);
        self::assertStringContainsString('600 ', $said);
        self::assertStringContainsString('secret', $said);
        self::assertStringNotContainsString('hidden', $said);
        self::assertStringNotContainsString('OWNER', $said);
        self::assertDoesNotMatchRegularExpression('~^/.*/ops-test(/.*)?$(?=[\s\S]*^--$)~m', $said, 'a file of it that others can read');
    }

    public function test_what_the_proxy_says_by_itself_is_a_problem_too(): void
    {
        preg_match_all("/return (\d+) '(.+)';/", $this->bash('source ops/lib.sh; proxy_problems'), $all, PREG_SET_ORDER);
        self::assertEqualsCanonicalizing(['400', '408', '414', '431', '500', '502', '503', '504'], array_column($all, 1));
        foreach ($all as [, $status, $body]) {
            $problem = json_decode($body, true);
            self::assertSame([(int) $status, []], [$problem['status'] ?? null, $problem['errors'] ?? null], $body);
        }
    }
}
