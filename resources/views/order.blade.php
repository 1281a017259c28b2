@extends('paper')
@section('title', 'Order '.$order->number)
@php
$amount = static fn (int $minor): string => sprintf('%d.%02d', intdiv($minor, 100), $minor % 100);
$wheel = $order->job->machine->name.', '.lcfirst($order->job->wheel);
@endphp
@section('body')
<h1>Order {{ $order->number }}</h1>
<p><strong>To {{ $order->supplier->name }}</strong></p>
<p class="m">
From {{ $order->job->shop->saidOnPaper() }}, by {{ $order->author->name }}, {{ $order->job->shop->day($order->created_at) }}.
For {{ $wheel }}, job {{ $order->job->number }}.
</p>
<table>
<tr>
<th>Article</th>
<th>Asked for</th>
<th class="n">Pieces</th>
<th class="n">{{ $currency }}</th>
</tr>
@foreach ($order->lines as $line)
<tr>
<td><strong>{{ $line->article }}</strong></td>
<td>{{ $line->ask_for }}</td>
<td class="n">{{ $line->quantity }}</td>
<td class="n">{{ $amount($line->price_minor) }}</td>
</tr>
@endforeach
<tr>
<td colspan="3" class="n m">Carriage</td>
<td class="n">{{ $amount($order->carriage_minor) }}</td>
</tr>
<tr class="t">
<td colspan="3" class="n">Together</td>
<td class="n">{{ $total->shown() }}</td>
</tr>
</table>
@endsection
