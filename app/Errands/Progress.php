<?php

declare(strict_types=1);

namespace App\Errands;

use App\Models\Errand;
use Illuminate\Database\Connection;

/** How far an errand is: told while it is done, beside whatever transaction it is done in. */
final class Progress
{
    private const PAUSE_S = 0.3;

    private float $told = 0.0;

    /** @param  ?Connection  $beside null when nobody waits to hear it */
    public function __construct(private readonly Errand $errand, private readonly ?Connection $beside)
    {
    }

    public function is(int $done, int $of): void
    {
        $now = microtime(true);
        if ($this->beside === null || ($now - $this->told < self::PAUSE_S && $done < $of)) {
            return;
        }
        $this->told = $now;
        $this->beside->table('errands')->where('id', $this->errand->id)->update(['done' => $done, 'of' => $of]);
    }
}
