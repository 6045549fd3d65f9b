[<#list dependencyMap as entry>
  {"name": "${entry.getKey().groupId}:${entry.getKey().artifactId}", "version": "${entry.getKey().version}", "licences": [<#list entry.getValue() as licence>"${licence?json_string}"<#sep>, </#list>]}<#sep>,</#list>
]
