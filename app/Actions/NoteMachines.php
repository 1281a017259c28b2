<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Machine;
use Illuminate\Support\Facades\DB;

/** Notes the machines of a list. One that is noted already, by name, model and owner, is left alone. */
final readonly class NoteMachines
{
    /**
     * @param  list<array{name: string, model: string, owner: string}>  $machines
     * @return array{int, int} how many are new, and how many are noted already
     */
    public function __invoke(array $machines, bool $keep): array
    {
        return DB::transaction(static function () use ($machines, $keep): array {
            $key = static fn (string $name, string $model, string $owner): string => mb_strtolower("$name\n$model\n$owner");
            $known = Machine::query()
                ->get(['name', 'model', 'owner'])
                ->map(static fn (Machine $m): string => $key($m->name, $m->model, $m->owner))
                ->flip()
                ->all();
            $new = 0;
            foreach ($machines as $machine) {
                $here = $key(...$machine);
                if (isset($known[$here])) {
                    continue;
                }
                $known[$here] = true;
                $new++;
                if ($keep) {
                    Machine::query()->create($machine);
                }
            }

            return [$new, count($machines) - $new];
        });
    }
}
