<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\PartsDue;
use App\Models\Order;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Support\Facades\DB;

/** Books what came against what was ordered. What is said is how many are here now, so that said twice it is the same. */
final readonly class ReceiveOrder
{
    /**
     * @param  list<array{id: int, received: int}>  $lines
     *
     * @throws InvalidInput when a line is not of this order, or more came than was ordered
     */
    public function __invoke(Order $order, array $lines): void
    {
        DB::transaction(static function () use ($order, $lines): void {
            $ordered = $order->lines()->lockForUpdate()->get()->keyBy('id');
            foreach ($lines as $i => $said) {
                $line = $ordered->get($said['id']) ?? throw InvalidInput::about("lines.$i.id", 'That line is not of this order.');
                if ($said['received'] > $line->quantity) {
                    throw InvalidInput::about(
                        "lines.$i.received",
                        sprintf('Only %d were ordered. Send the rest back, or put them on the shelf.', $line->quantity),
                    );
                }
                $line->update(['received' => $said['received']]);
            }
            PartsDue::note($order->job_id);
        });
    }
}
