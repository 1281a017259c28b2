<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Logged;
use App\Models\LogLine;
use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Writes a line for the owner: what was done, by whom, about whom, from which address of the network. */
final readonly class NoteInLog
{
    public function __construct(private Request $request)
    {
    }

    /** @param  ?User  $by nobody when it was done by a command, or by whoever failed to sign in */
    public function __invoke(int $shop, Logged $what, ?User $by = null, ?User $about = null, string $detail = ''): void
    {
        (new LogLine([
            'by_id' => $by?->id,
            'about_id' => $about?->id,
            'what' => $what,
            'detail' => mb_substr($detail, 0, 200),
            'address' => (string) $this->request->ip(),
            'at' => Carbon::now(),
        ]))
            ->forceFill(['shop_id' => $shop])
            ->save();
    }
}
