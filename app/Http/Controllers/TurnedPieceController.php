<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Cards\DraftPicture;
use App\Http\Requests\TurnedPieceRequest;
use CleanRace\Core\Hub\Drawing\Dxf;
use Illuminate\Http\Response;

/** A driver, a plug or a sleeve to make, as a dimensioned drawing. */
final class TurnedPieceController
{
    public function __invoke(TurnedPieceRequest $request, string $form): Response
    {
        $draft = $request->draft();
        [$body, $type] = $form === 'dxf' ? [Dxf::draft($draft), 'image/vnd.dxf'] : [DraftPicture::of($draft), 'image/svg+xml'];

        return new Response($body, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"to-make.$form\""]);
    }
}
