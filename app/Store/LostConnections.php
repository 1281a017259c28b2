<?php

declare(strict_types=1);

namespace App\Store;

use Illuminate\Contracts\Database\LostConnectionDetector as Detector;
use Illuminate\Database\LostConnectionDetector;
use Throwable;

/**
 * Knows a lost connection also by what PHP says of one that was cut off in the middle of a transaction: its state is unknown, which
 * counts as being in one, so that nothing could ever begin again. Whoever runs for hours then opens it anew.
 */
final readonly class LostConnections implements Detector
{
    private const CUT_OFF = 'There is already an active transaction';

    public function __construct(private LostConnectionDetector $usual)
    {
    }

    public function causedByLostConnection(Throwable $e): bool
    {
        return $e->getMessage() === self::CUT_OFF || $this->usual->causedByLostConnection($e);
    }
}
