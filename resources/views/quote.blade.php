@extends('paper')
@section('title', 'Quote, job '.$job->number)
@section('style')
.t td { font-size: 12pt; }
@endsection
@php
$price = static fn (int $i, ?string $key): string => match (true) {
    isset($prices[$i]) => $prices[$i]->shown(),
    isset($shelf[$key ?? '']) => 'from the shelf',
    isset($ordered[$key ?? '']) => 'ordered',
    default => 'to be asked',
};
$wheel = $job->machine->name.', '.lcfirst($job->wheel);
$about = array_filter([$job->machine->owner === '' ? '' : "For {$job->machine->owner}.", $job->shop->saidOnPaper()]);
@endphp
@section('body')
<h1>Quote</h1>
<p><strong>{{ $wheel }}</strong>{{ $job->machine->model === '' ? '' : ' · '.$job->machine->model }}</p>
<p class="m">{{ implode(' ', $about) }}, job {{ $job->number }}, {{ $job->shop->day(now()) }}.</p>
<table>
<tr>
<th>What</th>
<th>Part</th>
<th class="n">Pieces</th>
<th class="n">{{ $currency }}</th>
</tr>
@foreach ($lines as $i => $line)
<tr>
<td>{{ $words->of($line->what) }}</td>
<td>{{ $words->of($line->askFor) }}</td>
<td class="n">{{ $line->quantity }}</td>
<td class="n">{{ $price($i, $line->key) }}</td>
</tr>
@endforeach
<tr>
<td colspan="3">Carriage</td>
<td class="n">{{ $carriage->shown() }}</td>
</tr>
<tr>
<td colspan="3">Work at the bench, about {{ $minutes }} minutes</td>
<td class="n">{{ $labour->shown() }}</td>
</tr>
<tr class="t">
<td colspan="3" class="n">Together, as far as known</td>
<td class="n">{{ $currency }} {{ $total->shown() }}</td>
</tr>
</table>
<p class="m" style="margin-top: 14pt">
Bearings are changed in pairs unless it is said otherwise. When the bore or the shaft turns out worn, we ask before
going on. Lines to be asked are not in the sum.
</p>
@endsection
