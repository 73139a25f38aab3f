{{-- How answers hold up, a row for each side and rung. --}}
<div class="table-wide">
<x-table :head="array_values(texts('evidence.columns'))" :caption="__('evidence.heading')">
    @foreach ($rows->records() as $row)
        <tr>
            <th scope="row"><a href="{{ $row['url'] }}">{{ $row['answer'] }}</a></th><td>{{ $row['where'] }}</td>
            <td>{{ $row['tries'] }}</td><td>{{ $row['share'] }}</td><td>{{ $row['interval'] }}</td>
            <td>{{ $row['mistakes'] }}</td><td>{{ $row['improvised'] }}</td><td>{{ $row['seconds'] }}</td>
        </tr>
    @endforeach
</x-table>
</div>
@php ($sizes = $rows->sizes())
@if ($sizes !== [])
<h3>{{ __('evidence.for-whom') }}</h3>
<div class="table-wide">
<x-table :head="array_values(texts('evidence.sizes-columns'))" :caption="__('evidence.for-whom')">
    @foreach ($sizes as $row)
        <tr>
            <th scope="row"><a href="{{ $row['url'] }}">{{ $row['answer'] }}</a></th><td>{{ $row['where'] }}</td><td>{{ $row['size'] }}</td>
            <td>{{ $row['tries'] }}</td><td>{{ $row['share'] }}</td><td>{{ $row['interval'] }}</td><td>{{ $row['told'] }}</td>
        </tr>
    @endforeach
</x-table>
</div>
@endif
