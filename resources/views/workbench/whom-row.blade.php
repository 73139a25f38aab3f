<tr>
<th scope="row">{{ $row['name'] }} <small>{{ $row['metres'] }}</small></th>
@foreach ($row['cells'] as $cell)
    <td><button type="button" class="whom whom-{{ $cell['state'] }}" data-defender="{{ $cell['defender'] }}"
        data-attacker="{{ $cell['attacker'] }}" x-on:click="chooseBodies" title="{{ $cell['why'] }}">
        {{ $cell['mark'] }} {{ $cell['figure'] }}<span class="visually-hidden">{{ $cell['why'] }}</span></button>
        @if ($cell['steps'])<small>{{ $cell['steps'] }}</small>@endif</td>
@endforeach
</tr>
