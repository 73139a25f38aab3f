<x-layout :title="__('own-kinds.title')">
<x-heading :title="__('own-kinds.title')">
    <x-button kind="rust" size="sm" data-key="n" :href="route('kinds.create')">{{ __('own-kinds.add') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('own-kinds.lead') }}</p>
@if ($kinds->isEmpty())
    <x-empty :title="__('own-kinds.none')" :text="__('own-kinds.none-help')"/>
@else
<x-table :head="array_values(texts('own-kinds.columns'))">
    @foreach ($kinds as $kind)
        <tr>
            <th scope="row"><a href="{{ route('kinds.edit', $kind) }}">{{ $kind->name }}</a></th>
            <td>{{ __('attack.families.'.$kind->family) }}</td>
            <td>{{ $used[$kind->code] ?? 0 }}</td>
            <td><x-delete :action="route('kinds.destroy', $kind)" :label="__('words.delete-name', ['name' => $kind->name])"
                :question="__('own-kinds.delete-question', ['name' => $kind->name])"/></td>
        </tr>
    @endforeach
</x-table>
@endif
<x-button :href="route('settings')">{{ __('words.back') }}</x-button>
</x-layout>
