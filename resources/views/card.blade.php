@extends('paper')
@section('title', 'Job '.$job->number)
@section('style')
@page { margin: 11mm 12mm; }
body { font-size: {{ $size }}pt; line-height: 1.22; }
h1 { font-size: 15pt; }
h2 { font-size: 8.6pt; margin: 5pt 0 2pt; border-bottom: 0.6pt solid #20262c; }
p { margin: 0 0 2pt; }
table { margin: 0; }
td { padding: 0.6pt 3pt 0.6pt 0; border: 0; }
.lines td { border-bottom: 0.3pt solid #c9c2b2; }
.l { font-weight: bold; white-space: nowrap; width: 34pt; }
.cols > tbody > tr > td { width: 50%; padding-right: 8pt; }
@endsection
@php
$states = [
    'in_place' => 'in place', 'on_tray' => 'ON TRAY', 'fitted' => 'fitted',
    'not_there' => 'not there', 'stays' => 'left in place', 'scrapped' => 'scrapped',
];
$levels = ['go' => '● Go', 'care' => '▲ Care', 'stop' => '■ Stop', 'put_right' => '● Put right'];
// What stood at stop and holds the job no longer was put right: only what holds it still is printed as a stop.
$holding = array_column(array_filter($report['blocks'] ?? [], static fn (array $b): bool => $b['open'] && $b['level'] === 'stop'), 'step');
$levelOf = static fn (array $step): string => $step['verdicts'][0]['level'] === 'stop' && ! in_array($step['id'], $holding, true)
    ? 'put_right'
    : $step['verdicts'][0]['level'];
// A new part that is in is told as the drawing shows it, also while the old one lies on the tray.
$drawn = array_column($report['section']['pieces'] ?? [], 'state', 'part');
$stateOf = static fn (array $part): string => ($drawn[$part['part']] ?? null) === 'fitted' && $part['state'] !== 'fitted'
    ? 'new one fitted'
    : $states[$part['state']];
$about = array_filter([$job->machine->model, $job->machine->owner, $job->shop->saidOnPaper()]);
$signer = $job->signerName();
$as = $job->signOff?->card['signed_as'] ?? null;
@endphp
@section('body')
<table>
<tr>
<td>
<h1>{{ $job->machine->name }}, {{ lcfirst($job->wheel) }}</h1>
<p class="m">{{ implode(' · ', $about) }} · job {{ $job->number }} · in {{ $job->shop->day($job->created_at) }}</p>
</td>
<td class="n">
<strong>{{ $signer === null ? 'Not signed' : implode(', ', array_filter(["Signed by $signer", $as])) }}</strong><br>
<span class="m">{{ $signer === null ? $job->saidSigned()?->text : $job->shop->day($job->signed_at, true) }}</span>
@if ($code !== null)
<br><span class="m">Code of these records: {{ $code }}</span>
@endif
</td>
</tr>
</table>
<p>“{{ Str::limit($job->standing['complaint'] ?? '', 160) }}”</p>
<div style="text-align:center"><img src="{{ $picture }}" style="width: 150mm; height: 41.6mm" alt=""></div>
<table class="cols">
<tr>
<td>
<h2>Parts, left to right</h2>
<table class="lines">
@foreach ($report['tray'] as $part)
<tr>
<td>{{ $words->say($part['name']) }}</td>
<td class="m">{{ $words->say($part['way_round'] ?? '') }}</td>
<td class="n">{{ $stateOf($part) }}</td>
</tr>
@endforeach
</table>
<h2>Bearings</h2>
@foreach (['left', 'right'] as $side)
<p>{{ ucfirst($side) }}: out {{ $note("size.$side.number") ?? 'not read' }}; in {{ $note("source.$side.number") ?? 'not noted' }}</p>
@endforeach
@if ($simulated)
<p>The pressing that is noted was played by the simulated press, not by this wheel.</p>
@endif
<h2>Torques, in order</h2>
<table class="lines">
@foreach ($torques as $t)
<tr>
<td>{{ $t['name'] }}</td>
<td class="m">{{ $t['spanner'] }} {{ $t['thread'] }}</td>
<td class="n">{{ $t['torque'] ?: 'no figure' }}</td>
<td class="n m">{{ $t['source'] }}</td>
</tr>
@endforeach
</table>
@if ($sounds)
<h2>Heard while it was spun: each turn a row</h2>
<table class="lines">
@foreach ($sounds as $sound)
<tr>
<td>{{ $sound['label'] }}</td>
<td>{{ $sound['says'] }}</td>
<td class="n">@if ($sound['picture'])<img src="{{ $sound['picture'] }}" style="width: 26mm; height: 7mm" alt="">@endif</td>
</tr>
@endforeach
</table>
@endif
<h2>Carry forward</h2>
<p>
{{ Str::limit($note('prove.carry') ?? 'Nothing noted.', 320) }}
@if ($note('prove.carry_when'))
<strong>Look again: {{ Str::limit($note('prove.carry_when'), 60) }}</strong>
@endif
</p>
@if ($note('strip.look.note'))
<p>Seen: {{ Str::limit($note('strip.look.note'), 200) }}</p>
@endif
@if ($job->addenda->isNotEmpty())
<h2>Added after the signature</h2>
@if ($job->addenda->count() > 3)
<p class="m">{{ $job->addenda->count() - 3 }} earlier ones stand with the job.</p>
@endif
@foreach ($job->addenda->slice(-3) as $one)
<p>{{ Str::limit($one->text, $job->addenda->count() > 3 ? 90 : 300) }}
<span class="m">{{ $one->author->name }}, {{ $job->shop->day($one->made_at, true) }}</span></p>
@endforeach
@endif
<h2>Verdicts</h2>
<table class="lines">
@foreach ($report['stations'] as $station)
@foreach ($station['steps'] as $step)
@if ($step['verdicts'] && $station['station'] !== 'prove')
<tr>
<td class="l">{{ $levels[$levelOf($step)] }}</td>
<td class="m">{{ $words->say($station['label']) }}</td>
<td>
{{ $words->say($step['verdicts'][0]['headline']) }}
@if ($note('word.'.$step['id']))
<span class="m">({{ Str::limit($note('word.'.$step['id']), 80) }})</span>
@endif
</td>
</tr>
@endif
@endforeach
@endforeach
</table>
</td>
<td>
<h2>Readings</h2>
<table class="lines">
@foreach (array_slice($readings, 0, 34) as $r)
<tr>
<td>{{ $r['label'] }}</td>
<td class="m" style="white-space:nowrap">{{ $r['by'] }}</td>
<td style="text-align:right">{{ $r['value'] }}</td>
</tr>
@endforeach
</table>
@if (count($readings) > 34)
<p class="m">{{ count($readings) - 34 }} more are in the record.</p>
@endif
</td>
</tr>
</table>
@endsection
