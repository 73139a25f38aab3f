@props(['head', 'caption' => null, 'hidesHead' => false])
<table {{ $attributes->class('table table-sm') }}>
@if ($caption)<caption class="visually-hidden">{{ $caption }}</caption>@endif
<thead @class(['visually-hidden' => $hidesHead])>
    <tr>@foreach ($head as $text)<th scope="col">{{ $text }}</th>@endforeach</tr>
</thead>
<tbody>{{ $slot }}</tbody>
</table>
