<?php

declare(strict_types=1);

namespace App\Errands;

use App\Actions\NoteInLog;
use App\Actions\TakePrices;
use App\Bench\PriceListSheet;
use App\Models\Errand;
use App\Models\Logged;
use App\Models\Supplier;
use App\Models\User;
use App\Shapes\Json;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sourcing\PriceListReader;

/** Reads a price list, and puts it in the place of the one a supplier had where it is to be kept. */
final readonly class ReadsPrices implements DoesErrand
{
    public function __construct(private PriceListReader $reader, private TakePrices $take, private NoteInLog $note)
    {
    }

    public function do(Errand $errand, User $by, Progress $progress): array
    {
        ['supplier' => $id, 'columns' => $columns, 'keep' => $keep] = $errand->how;
        $supplier = Supplier::query()->whereKey($id)->firstOrFail();
        try {
            $list = $this->reader->read($errand->file(), $columns, $progress->is(...));
        } catch (InvalidInput $fault) {
            throw InvalidInput::about($fault->field === 'columns' ? 'columns' : 'list', $fault->getMessage());
        }
        if ($keep) {
            ($this->take)($supplier, $list);
            ($this->note)($supplier->shop_id, Logged::Imported, $by, detail: "prices of {$supplier->name}");
        }

        return (array) Json::of(PriceListSheet::of($list, $keep));
    }
}
