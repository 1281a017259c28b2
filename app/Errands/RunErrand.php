<?php

declare(strict_types=1);

namespace App\Errands;

use App\Http\Conflicts\Conflict;
use App\Models\Concerns\ShopAtHand;
use App\Models\Errand;
use App\Models\User;
use App\Store\BesideConnection;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Connection;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Throwable;

/** Does an errand behind the answer. One that was cut off is begun anew; one that failed says why and is not. */
final class RunErrand implements ShouldQueue
{
    use Queueable;

    /** Seconds. */
    public int $timeout = 600;

    /** A worker that was killed twice over it is not asked again. */
    public int $tries = 3;

    public function __construct(private readonly int $shop, private readonly string $errand)
    {
    }

    public function handle(Application $app, ShopAtHand $atHand): void
    {
        $atHand->within($this->shop, function () use ($app): void {
            $errand = Errand::query()->find($this->errand, Errand::SHEET);
            if ($errand === null || $errand->state->isOver()) {
                return;
            }
            $errand->update(['state' => ErrandState::Running]);
            /** @var User $by */
            $by = User::query()->whereKey($errand->by_id)->with('shop')->firstOrFail();
            $doer = $app->make($errand->kind->doer());
            try {
                $answer = BesideConnection::with(static fn (Connection $beside) => $doer->do($errand, $by, new Progress($errand, $beside)));
                self::end($errand, ErrandState::Done, ['answer' => $answer]);
            } catch (Throwable $fault) {
                self::end($errand, ErrandState::Failed, ['problem' => self::said($fault)]);
                report($fault);
            }
        });
    }

    public function failed(?Throwable $fault): void
    {
        app(ShopAtHand::class)->within($this->shop, function (): void {
            $errand = Errand::query()->find($this->errand, Errand::SHEET);
            if ($errand !== null && ! $errand->state->isOver()) {
                $detail = 'It took too long and was given up. Nothing of it was kept.';
                self::end($errand, ErrandState::Failed, ['problem' => ['status' => 500, 'detail' => $detail, 'errors' => []]]);
            }
        });
    }

    /** @param  array{answer?: array<string, mixed>, problem?: array<string, mixed>}  $with */
    private static function end(Errand $errand, ErrandState $state, array $with): void
    {
        $errand->update($with + ['state' => $state, 'given' => null, 'ended_at' => Carbon::now()]);
    }

    /** @return array{status: int, detail: string, errors: list<array{field: string, detail: string}>} */
    private static function said(Throwable $fault): array
    {
        return match (true) {
            $fault instanceof InvalidInput => [
                'status' => 422,
                'detail' => $fault->getMessage(),
                'errors' => [['field' => $fault->field ?? 'file', 'detail' => $fault->getMessage()]],
            ],
            $fault instanceof Conflict => ['status' => 409, 'detail' => $fault->getMessage(), 'errors' => $fault->errors],
            default => ['status' => 500, 'detail' => 'The program failed over it. Nothing of it was kept.', 'errors' => []],
        };
    }
}
