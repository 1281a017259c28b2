<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Tool;
use CleanRace\Core\Tooling\WallTool;
use Illuminate\Support\Facades\DB;

/** Hangs the tools of a list on the wall. One that hangs there already, by name and kind, is left alone. */
final readonly class HangTools
{
    /**
     * @param  list<WallTool>  $tools
     * @return array{int, int} how many are new, and how many hang there already
     */
    public function __invoke(array $tools, bool $keep): array
    {
        return DB::transaction(static function () use ($tools, $keep): array {
            $known = Tool::query()
                ->get(['name', 'kind'])
                ->map(static fn (Tool $t): string => $t->kind->value.' '.mb_strtolower($t->name))
                ->flip()
                ->all();
            $new = 0;
            foreach ($tools as $tool) {
                $key = $tool->kind->value.' '.mb_strtolower($tool->name);
                if (isset($known[$key])) {
                    continue;
                }
                $known[$key] = true;
                $new++;
                if ($keep) {
                    Tool::query()->create(Tool::kept($tool));
                }
            }

            return [$new, count($tools) - $new];
        });
    }
}
