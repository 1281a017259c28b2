<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Shop;
use Illuminate\Http\Request;

/** Which paper is asked for behind the question mark; where none is named, the shop's own. */
final class PaperSize
{
    private const SIZES = ['a4', 'letter'];

    public static function of(Request $request, Shop $shop): string
    {
        $asked = $request->query('paper');

        return in_array($asked, self::SIZES, true) ? $asked : $shop->paper;
    }
}
