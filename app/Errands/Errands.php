<?php

declare(strict_types=1);

namespace App\Errands;

use App\Http\Conflicts\Conflict;
use App\Models\Errand;
use App\Models\User;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes an errand on: what is small is done at once, what is not waits for the worker. The same id twice is one errand. */
final readonly class Errands
{
    public function __construct(private Application $app)
    {
    }

    /**
     * @param  array<string, mixed>  $how
     *
     * @throws Conflict when the id stands for another errand
     */
    public function take(User $by, ErrandKind $kind, string $id, string $file, array $how = []): Errand
    {
        $id = $id === '' ? (string) Str::uuid7() : mb_strtolower($id);
        $made = DB::table('errands')->insertOrIgnore([
            'id' => $id,
            'shop_id' => $by->shop_id,
            'by_id' => $by->id,
            'kind' => $kind->value,
            'state' => ErrandState::Waiting->value,
            'how' => json_encode((object) $how, JSON_THROW_ON_ERROR),
            'asked_at' => Carbon::now(),
        ]);
        $errand = Errand::query()->find($id, Errand::SHEET);
        if ($errand === null || $errand->by_id !== $by->id || $errand->kind !== $kind) {
            throw Conflict::idTaken();
        }
        if ($made === 0) {
            return $errand;
        }

        return strlen($file) > $kind->atOnceBytes() ? $this->later($errand, $file) : $this->atOnce($errand, $by, $file);
    }

    private function later(Errand $errand, string $file): Errand
    {
        $errand->update(['given' => DB::raw("decode('".base64_encode($file)."', 'base64')")]);
        RunErrand::dispatch($errand->shop_id, $errand->id)->onQueue('errands');

        return $errand->refresh();
    }

    private function atOnce(Errand $errand, User $by, string $file): Errand
    {
        try {
            $errand->setAttribute('given', $file);
            $answer = $this->app->make($errand->kind->doer())->do($errand, $by, new Progress($errand, null));
            $errand->setRawAttributes(['given' => null] + $errand->getAttributes())->syncOriginal();
            $errand->update(['state' => ErrandState::Done, 'answer' => $answer, 'ended_at' => Carbon::now()]);
        } finally {
            // What was refused may come again, mended, under the same id.
            if (! $errand->state->isOver()) {
                DB::table('errands')->where('id', $errand->id)->delete();
            }
        }

        return $errand;
    }
}
