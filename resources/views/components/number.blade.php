{{-- A number with its label; where one of several is meant, `in` names the list. --}}
@props(['name', 'label', 'value', 'in' => null, 'id' => null])
<x-field :name="$in === null ? $name : $in.'['.$name.']'" :$id :$label>
    <x-input :name="$in === null ? $name : $in.'['.$name.']'" :$id type="number" required {{ $attributes }}
        :value="old($in === null ? $name : $in.'.'.$name, $value)"/>
</x-field>
