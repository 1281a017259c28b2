<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Cards\PrintedCard;
use App\Http\PaperSize;
use App\Models\Job;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

/** The printed job card, A4 or letter. */
final class CardController
{
    public function __invoke(Request $request, Job $job, PrintedCard $card, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $job);
        $job->load('machine', 'shop', 'signer', 'signOff', 'addenda.author:id,name');

        return new Response($card->pdf($job, PaperSize::of($request, $job->shop), $user->units), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"job-{$job->number}.pdf\"",
        ]);
    }
}
