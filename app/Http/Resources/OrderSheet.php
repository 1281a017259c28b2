<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Order;
use App\Models\OrderLine;
use DateTimeInterface;

/** An order with its lines and how much of it is here. The order is loaded with supplier, job, machine and lines. */
final readonly class OrderSheet
{
    /** @param  list<OrderLineShown>  $lines */
    public function __construct(
        public int $id,
        public int $number,
        public string $supplier,
        public int $job,
        public int $jobNumber,
        public string $machine,
        public string $currency,
        public int $goodsMinor,
        public int $carriageMinor,
        public ?int $days,
        public bool $here,
        public DateTimeInterface $orderedAt,
        public string $by,
        public array $lines,
    ) {
    }

    public static function of(Order $order, string $currency): self
    {
        return new self(
            $order->id,
            $order->number,
            $order->supplier->name,
            $order->job_id,
            $order->job->number,
            $order->job->machine->name.', '.lcfirst($order->job->wheel),
            $currency,
            (int) $order->lines->sum('price_minor'),
            $order->carriage_minor,
            $order->days,
            $order->isHere(),
            $order->created_at,
            $order->author->name,
            array_values(
                $order->lines
                    ->map(
                        static fn (OrderLine $l): OrderLineShown => new OrderLineShown(
                            $l->id,
                            $l->what,
                            $l->article,
                            $l->ask_for,
                            $l->quantity,
                            $l->price_minor,
                            $l->received,
                        ),
                    )
                    ->all(),
            ),
        );
    }
}
