<h2 id="timetable">{{ __('classes.timetable') }}</h2>
<div class="table-wide" data-reorder="move-block">
<x-table class="w-auto" :head="array_values($page->timetable->columns(auth()->user()))">
    @foreach ($page->timetable->rows as $row)
        <tr @can('update', $class) draggable="true" data-block="{{ $row['at'] }}" @endcan>
            <td>{{ $row['begins'] }}</td>
            <th scope="row">{{ $row['name'] }}@if ($row['locked']) <small>{{ __('classes.fixed') }}</small>@endif</th>
            <td>{{ $row['minutes'] }}</td>
            @can('update', $class)<td class="no-print">
                <form method="post" action="{{ route('classes.blocks', $class) }}" class="block-changes">
                    @csrf
                    @method('put')
                    <x-hidden :values="['version' => $class->version, 'block' => $row['at']]"/>
                    @foreach (texts('classes.actions') as $change => $text)
                        @if ($change !== ($row['locked'] ? 'lock' : 'unlock'))
                            <x-button size="sm" name="change" :value="$change"
                                :aria-label="$text.': '.$row['name']">{{ $text }}</x-button>
                        @endif
                    @endforeach
                </form>
            </td>@endcan
        </tr>
    @endforeach
</x-table>
</div>
@can('update', $class)
<form method="post" action="{{ route('classes.blocks', $class) }}" id="move-block" hidden>
    @csrf
    @method('put')
    <x-hidden :values="['version' => $class->version, 'change' => 'move', 'block' => '', 'to' => '']"/>
</form>
<form method="post" action="{{ route('classes.blocks', $class) }}" class="search-row no-print">
    @csrf
    @method('put')
    <x-hidden :values="['version' => $class->version]"/>
    <x-field name="kind" :label="__('classes.add-block')"><x-select name="kind" :options="$page->timetable::kinds()"/></x-field>
    <x-button name="change" value="add">{{ __('classes.add-block') }}</x-button>
    <x-button name="change" value="reset">{{ __('classes.again') }}</x-button>
</form>
@endcan
