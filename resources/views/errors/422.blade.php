<x-message name="422" :text="$text ?? null"/>
