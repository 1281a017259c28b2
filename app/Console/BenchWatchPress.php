<?php

declare(strict_types=1);

namespace App\Console;

use App\Devices\PressWatch;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Follows the press gauge for all benches, until it is stopped. */
final class BenchWatchPress extends Command
{
    private const PAUSE_US = 100_000;

    private const KEPT = '1 day';

    /** Looks between two clearings of what is over. */
    private const CLEAR_EVERY = 6_000;

    protected $signature = 'bench:watch-press {--once : until nothing is pressed any more}';

    protected $description = 'Follow the press gauge';

    public function handle(PressWatch $watch): int
    {
        $watch->begin();
        for ($looks = 0; ; $looks++) {
            $pressed = $watch->look();
            if ($pressed === 0 && $this->option('once') === true) {
                return self::SUCCESS;
            }
            if ($looks % self::CLEAR_EVERY === 0) {
                DB::delete('delete from pressings where asked_at < now() - ?::interval', [self::KEPT]);
            }
            if ($pressed === 0) {
                usleep(self::PAUSE_US);
            }
        }
    }
}
